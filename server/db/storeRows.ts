import type { Db, Queryable } from './Db'
import type { BackupPart, WrittenPart } from '../backup/backupFile'
import { GARDEN_TABLES, STORE_TABLES } from './storeTables'

/** So many rows are read at once, fewer where they are large: no part holds the server for long. */
const MOST_ROWS = 500
const FIRST_ROWS = 5
const LARGE_PART = 500_000
/** Pictures, and what names them: too much of them to be held at once. */
const PICTURES: Readonly<Record<string, string>> = { drawing: 'id', bed_picture: 'bed_id' }

/**
 * All rows of a store, garden by garden: each garden as it is at one moment, and others are answered between gardens. Its pictures, which
 * never change, follow one by one.
 */
export async function* storeRows(db: Db): AsyncGenerator<WrittenPart> {
  for (const table of STORE_TABLES) yield* await db.transaction((tx) => rowsOf(tx, table, 'true', []))
  const gardens = await db.query<{ id: string; name: string }>(
    'SELECT id, name FROM garden ORDER BY created_at, id',
    [],
  )
  for (const garden of gardens) {
    const parts = await db.transaction((tx) => partsOfGarden(tx, garden.id))
    let without = new Set<string>()
    for (const { table, rows } of parts) {
      if (PICTURES[table]) without = yield* pictures(db, table, rows)
      else if (table === 'garden') yield { table, rows, gardens: [garden] }
      else if (table === 'plant_picture') yield { table, rows: rows.filter((row) => !without.has(drawingOf(row))) }
      else yield { table, rows }
    }
    await new Promise((next) => setImmediate(next))
  }
}

async function partsOfGarden(tx: Queryable, gardenId: string): Promise<WrittenPart[]> {
  const parts: WrittenPart[] = []
  for (const [table, where] of GARDEN_TABLES) {
    const id = PICTURES[table]
    if (!id) parts.push(...(await rowsOf(tx, table, where, [gardenId])))
    else {
      const rows = await tx.query<{ id: string }>(`SELECT ${id} AS id FROM ${table} WHERE ${where}`, [gardenId])
      parts.push({ table, rows: rows.map((r) => r.id) })
    }
  }
  return parts
}

/** Pictures by their names; those that were taken away meanwhile are told. */
async function* pictures(db: Db, table: string, ids: readonly string[]): AsyncGenerator<WrittenPart, Set<string>> {
  const gone = new Set<string>()
  for (const id of ids) {
    const [part] = await db.transaction((tx) => rowsOf(tx, table, `${PICTURES[table]} = $1`, [id]))
    if (part) yield part
    else gone.add(id)
  }
  return gone
}
const drawingOf = (row: string) => (JSON.parse(row) as { readonly drawing_id: string }).drawing_id

/** All rows of a table, some at a time. */
async function rowsOf(
  tx: Queryable,
  table: string,
  where: string,
  params: readonly unknown[],
): Promise<WrittenPart[]> {
  const parts: WrittenPart[] = []
  await tx.query(
    `DECLARE stored NO SCROLL CURSOR FOR SELECT to_jsonb(t)::text AS row FROM ${table} t WHERE ${where}`,
    params,
  )
  let most = FIRST_ROWS
  for (;;) {
    const found = await tx.query<{ row: string }>(`FETCH ${most} FROM stored`)
    const rows = found.map((r) => r.row)
    if (rows.length > 0) parts.push({ table, rows })
    if (rows.length < most) break
    const length = rows.reduce((n, r) => n + r.length, 0)
    most = Math.max(1, Math.min(MOST_ROWS, Math.floor((LARGE_PART / length) * rows.length)))
  }
  await tx.query('CLOSE stored')
  return parts
}

/** Puts rows of a table back as they were. */
export const putRows = (tx: Queryable, { table, rows }: BackupPart): Promise<void> =>
  putTexts(tx, { table, rows: rows.map((row) => JSON.stringify(row)) })

/** The same with rows that are texts. */
export async function putTexts(tx: Queryable, { table, rows }: WrittenPart): Promise<void> {
  await tx.query(`INSERT INTO ${table} SELECT * FROM jsonb_populate_recordset(NULL::${table}, $1::jsonb)`, [
    `[${rows.join(',')}]`,
  ])
}
