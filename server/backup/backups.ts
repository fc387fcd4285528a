import { mkdirSync, readdirSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import type { Db } from '../db/Db'
import { readSetting } from '../db/queries/settings'
import { BrokenBackup, readBackup, writeBackup, type BackupEnd } from './backupFile'
import { KEEP, keptBackups } from './keptBackups'
import { keepRuleSchema } from '../../shared/wire'
import { storeRows } from '../db/storeRows'

const NAME = /^amber-terrace-(\d{4}-\d{2}-\d{2})(?:-[a-z0-9-]+)?\.backup$/

/** A backup that lies in the folder. */
interface BackupInfo {
  readonly file: string
  readonly day: string
  readonly bytes: number
  readonly at: string
}

/** The backups of a folder, newest first. */
export function listBackups(folder: string): BackupInfo[] {
  let names: string[]
  try {
    names = readdirSync(folder)
  } catch {
    return []
  }
  return names
    .flatMap((file) => {
      const day = NAME.exec(file)?.[1]
      if (!day) return []
      const { size, mtime } = statSync(join(folder, file))
      return [{ file, day, bytes: size, at: mtime.toISOString() }]
    })
    .sort((a, b) => b.at.localeCompare(a.at))
}

/** Writes a backup of a whole store and reads it back; `label` tells one apart that is not the day's. */
export async function makeBackup(
  db: Db,
  folder: string,
  { version, at, label = '' }: { readonly version: number; readonly at: Date; readonly label?: string },
): Promise<BackupInfo & BackupEnd> {
  mkdirSync(folder, { recursive: true })
  const day = at.toISOString().slice(0, 10)
  const file = `amber-terrace-${day}${label && `-${label}`}.backup`
  const path = join(folder, file)
  await writeBackup(path, { version, at: at.toISOString() }, storeRows(db))
  const { end } = await readBackup(path, () => undefined)
  return { file, day, bytes: statSync(path).size, at: at.toISOString(), ...end }
}

/** Takes away the day’s backups that the rule does not keep; those with a label of their own go after a month. */
export async function thinBackups(db: Db, folder: string, today: string): Promise<string[]> {
  const rule = await readSetting(db, 'backups', keepRuleSchema, KEEP)
  const all = listBackups(folder)
  const daily = all.filter((b) => b.file === `amber-terrace-${b.day}.backup`)
  const kept = keptBackups(
    daily.map((b) => b.day),
    rule,
  )
  const monthAgo = new Date(Date.parse(today) - MONTH_MS).toISOString().slice(0, 10)
  const gone = [
    ...daily.filter((b) => !kept.has(b.day)),
    ...all.filter((b) => !daily.includes(b) && b.day < monthAgo),
  ]
  for (const { file } of gone) rmSync(join(folder, file), { force: true })
  return gone.map((b) => b.file)
}
const MONTH_MS = 31 * 86_400_000

/** The path of a backup by its file name; a name that is none is refused. */
export function backupPath(folder: string, file: string): string {
  if (!NAME.test(file)) throw new BrokenBackup('That is not the name of a backup.')
  return join(folder, file)
}
