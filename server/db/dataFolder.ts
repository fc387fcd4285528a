import { createHash, randomUUID } from 'node:crypto'
import {
  accessSync,
  constants,
  existsSync,
  linkSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs'
import { homedir } from 'node:os'
import { join, resolve } from 'node:path'
import { livesOn, thisProcess, type LockHolder } from './lockHolder'

const LOCK_FILE = 'in-use.json'

/** The folder the data lies in: `AMBER_DATA_DIR`, or one in the home folder. */
export const dataFolderPath = (env: NodeJS.ProcessEnv = process.env) =>
  resolve(env.AMBER_DATA_DIR || join(homedir(), '.amber-terrace'))

/**
 * Makes the folder, checks that it can be written, and takes it for this process alone. Returns where the database lies and
 * a function that lets go. A holder that was killed is recognised by its process id and start time.
 */
export function takeDataFolder(folder: string): { database: string; release: () => void } {
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK)
  } catch (error) {
    throw new Error(
      `The data folder ${folder} cannot be written (${(error as NodeJS.ErrnoException).code ?? 'error'}). ` +
        'Give it to this user, or name another in AMBER_DATA_DIR.',
    )
  }
  const lock = join(folder, LOCK_FILE)
  const database = join(folder, 'database')
  checkDatabase(database)
  const mine = join(folder, `in-use.${process.pid}.${randomUUID()}.tmp`)
  try {
    writeFileSync(mine, JSON.stringify(thisProcess()))
    const other = claim(lock, mine)
    if (other)
      throw new Error(
        `Another Amber Terrace (process ${other.pid}) has the data folder ${folder} open. Use that one, ` +
          'stop it, or name another folder in AMBER_DATA_DIR.',
      )
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException
    if (!code) throw error
    throw new Error(
      `The data folder ${folder} cannot be taken (${code}${code === 'ENOSPC' ? ': the disk is full' : ''}). ` +
        'Make room there, or name another in AMBER_DATA_DIR.',
    )
  } finally {
    rmSync(mine, { force: true })
  }
  return {
    database,
    release: () => {
      if (readHolder(lock)?.pid === process.pid) rmSync(lock, { force: true })
    },
  }
}

/**
 * Takes a lock by a link to a file that is whole already; the holder when a living one has it. A dead holder is replaced by whoever first
 * claims its succession, and by nobody else: however many try at once, one gets it.
 */
function claim(lock: string, mine: string): LockHolder | null {
  for (;;) {
    try {
      linkSync(mine, lock)
      return null
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error
    }
    const [said, holder] = [textOf(lock), readHolder(lock)]
    if (holder && livesOn(holder)) return holder
    const succession = `${lock}.after-${createHash('sha256').update(said).digest('hex').slice(0, 16)}`
    const other = claim(succession, mine)
    if (other) {
      // Another is about to take its place: its own lock stands there in a moment.
      const now = readHolder(lock)
      return now && livesOn(now) ? now : other
    }
    const isStill = textOf(lock) === said
    if (isStill) {
      const next = `${mine}.next`
      linkSync(mine, next)
      renameSync(next, lock)
    }
    rmSync(succession, { force: true })
    if (isStill) return null
  }
}

function textOf(path: string): string {
  try {
    return readFileSync(path, 'utf8')
  } catch {
    return ''
  }
}

/** What lies where the database should and is none is left alone. */
function checkDatabase(database: string) {
  if (!existsSync(database) || existsSync(join(database, 'PG_VERSION'))) return
  if (readdirSync(database).length === 0) return
  throw new Error(
    `${database} holds something that is not Amber Terrace’s database. Move it away, or name another folder in AMBER_DATA_DIR.`,
  )
}

function readHolder(lock: string): LockHolder | null {
  try {
    const value = JSON.parse(readFileSync(lock, 'utf8')) as Partial<LockHolder>
    return typeof value.pid === 'number' && typeof value.started === 'string'
      ? { pid: value.pid, started: value.started }
      : null
  } catch {
    return null
  }
}
