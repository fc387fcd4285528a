import type { Db, Queryable } from '../db/Db'
import { migrate, type Migration } from '../db/migrate'
import { openLite } from '../db/openLite'
import { BrokenBackup, readBackup, type BackupEnd } from './backupFile'
import { putRows, putTexts, storeRows } from '../db/storeRows'
import { ALL_TABLES } from '../db/storeTables'

/**
 * Puts a whole store back as a backup has it, all of it or nothing: it is read through and checked first, and a backup of an older
 * version is brought to the newest on the way. Throws `BrokenBackup`, and nothing is changed then.
 */
export async function restoreStore(db: Db, path: string, migrations: readonly Migration[]): Promise<BackupEnd> {
  const { head, end } = await readBackup(path, ({ table }) => known(table))
  const newest = migrations[migrations.length - 1]!.number
  if (head.version > newest)
    throw new BrokenBackup('The backup was written by a newer Amber Terrace. Start the newer program.')
  const isOlder = head.version < newest
  const older = isOlder ? await risen(path, head.version, migrations) : null
  try {
    await db.transaction(async (tx) => {
      await empty(tx)
      if (older) for await (const part of storeRows(older)) await putTexts(tx, part)
      else await readBackup(path, (part) => putRows(tx, part))
    })
  } finally {
    await older?.close()
  }
  return end
}

function known(table: string) {
  if (!ALL_TABLES.includes(table))
    throw new BrokenBackup(`The backup has a part “${table}” that is not known here.`)
}

const empty = (tx: Queryable) => tx.query(`TRUNCATE ${ALL_TABLES.join(', ')} CASCADE`)

/** A database in memory with the rows of an older backup, brought to the newest version of the tables. */
async function risen(path: string, version: number, migrations: readonly Migration[]): Promise<Db> {
  const db = await openLite()
  const upTo = migrations.filter((m) => m.number <= version)
  await migrate(db, upTo)
  await db.transaction(async (tx) => {
    await readBackup(path, (part) => putRows(tx, part))
  })
  await migrate(db, migrations)
  return db
}

/** What a restored store holds, to be compared with the backup: rows by table. */
export async function countRows(db: Queryable): Promise<Record<string, number>> {
  const counts: Record<string, number> = {}
  for (const table of ALL_TABLES) {
    const [row] = await db.query<{ n: number }>(`SELECT count(*)::int AS n FROM ${table}`)
    if (row!.n > 0) counts[table] = row!.n
  }
  return counts
}
