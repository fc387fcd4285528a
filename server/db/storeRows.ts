import type { Db, Queryable } from './Db'
import type { BackupPart } from '../backup/backupFile'
import { GARDEN_TABLES, STORE_TABLES } from './storeTables'

const ROWS_AT_ONCE = 50
/** Pictures are large: one at a time. */
const LARGE = new Set(['drawing', 'bed_picture'])

/** All rows of a store, garden by garden: each garden as it is at one moment, and others are answered between gardens. */
export async function* storeRows(db: Db): AsyncGenerator<BackupPart> {
  for (const table of STORE_TABLES) yield* await rowsOf(db, table, 'true', [])
  const gardens = await db.query<{ id: string }>('SELECT id FROM garden ORDER BY created_at, id', [])
  for (const { id } of gardens) {
    const parts = await db.transaction(async (tx) => {
      const all: BackupPart[] = []
      for (const [table, where] of GARDEN_TABLES) all.push(...(await rowsOf(tx, table, where, [id])))
      return all
    })
    yield* parts
    await new Promise((next) => setImmediate(next))
  }
}

async function rowsOf(
  db: Queryable,
  table: string,
  where: string,
  params: readonly unknown[],
): Promise<BackupPart[]> {
  const parts: BackupPart[] = []
  const most = LARGE.has(table) ? 1 : ROWS_AT_ONCE
  for (let from = 0; ; from += most) {
    const rows = await db.query<{ row: Record<string, unknown> }>(
      `SELECT to_jsonb(t) AS row FROM ${table} t WHERE ${where} ORDER BY 1 LIMIT ${most} OFFSET ${from}`,
      params,
    )
    if (rows.length > 0) parts.push({ table, rows: rows.map((r) => r.row) })
    if (rows.length < most) return parts
  }
}

/** Puts rows of a table back as they were. */
export async function putRows(tx: Queryable, { table, rows }: BackupPart): Promise<void> {
  await tx.query(`INSERT INTO ${table} SELECT * FROM jsonb_populate_recordset(NULL::${table}, $1::jsonb)`, [
    JSON.stringify(rows),
  ])
}
