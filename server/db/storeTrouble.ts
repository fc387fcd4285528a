import { statfsSync } from 'node:fs'

/** Why the store cannot do what is asked, in words for the user; `status` is that of the answer. */
export interface StoreTrouble {
  readonly status: 503 | 507
  readonly words: string
}

const MB = 1048576
/** The journal grows by files of 16 MB: with less room than this it could stop in the middle of a save. */
export const LEAST_FREE_MB = 20

const FULL: StoreTrouble = {
  status: 507,
  words:
    'There is no room left where the gardens are kept: nothing was changed, and what you did stays in this browser. ' +
    'Make room on that disk; it is saved by itself then.',
}
const AWAY: StoreTrouble = {
  status: 503,
  words:
    'The database cannot be reached just now: nothing was changed, and what you did stays in this browser. ' +
    'It is tried again by itself.',
}
const BUSY: StoreTrouble = {
  status: 503,
  words: 'The database has more to do than it can: nothing was changed. It is tried again by itself.',
}

/** Answers of PostgreSQL by their codes, and of the system under it. */
const CODES: Readonly<Record<string, StoreTrouble>> = {
  '53100': FULL,
  ENOSPC: FULL,
  EDQUOT: FULL,
  '53300': BUSY,
  '57014': BUSY,
  '25P03': BUSY,
  '55P03': BUSY,
  '57P01': AWAY,
  '57P02': AWAY,
  '57P03': AWAY,
  '08000': AWAY,
  '08003': AWAY,
  '08006': AWAY,
  ECONNREFUSED: AWAY,
  ECONNRESET: AWAY,
  EPIPE: AWAY,
  ENOTFOUND: AWAY,
  ETIMEDOUT: AWAY,
}
const SAID: readonly (readonly [RegExp, StoreTrouble])[] = [
  [/no space left|disk quota/i, FULL],
  [/timeout exceeded when trying to connect/i, BUSY],
  [/connection terminated|connection ended|not queryable|database has stopped|transaction has ended/i, AWAY],
]

/** What an error of a database means to who asked; null when it is a mistake of ours. */
export function troubleOf(error: unknown): StoreTrouble | null {
  const { code, message } = error as { code?: string; message?: string }
  return (code && CODES[code]) || SAID.find(([words]) => words.test(message ?? ''))?.[1] || null
}

/** Room left where a folder lies, MB; endless where the system does not say. */
export function freeMb(folder: string): number {
  try {
    const { bavail, bsize } = statfsSync(folder)
    return (bavail * bsize) / MB
  } catch {
    return Infinity
  }
}

/** What keeps a folder from being written to now; null when nothing does. */
export const roomTrouble = (folder: string): StoreTrouble | null => (freeMb(folder) < LEAST_FREE_MB ? FULL : null)
