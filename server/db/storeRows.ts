import type { Db, Queryable } from './Db'
import { LATER_TABLES, type Later } from './laterRows'
import { GARDEN_TABLES, STORE_TABLES } from './storeTables'
import { z } from 'zod'

/** So many rows are read at once, fewer where they are large: no part holds the server for long. */
const MOST_ROWS = 500
const FIRST_ROWS = 5
const LARGE_PART = 500_000

/**
 * All rows of a store, garden by garden: each garden as it is at one moment, and others are answered between gardens. What is much and
 * never changes, pictures and history, follows part by part.
 */
export async function* storeRows(db: Db): AsyncGenerator<WrittenPart> {
  for (const table of STORE_TABLES) yield* await db.transaction((tx) => rowsOf(tx, table, 'true', []))
  const gardens = await db.query<{ id: string; name: string }>(
    'SELECT id, name FROM garden ORDER BY created_at, id',
    [],
  )
  for (const garden of gardens) {
    const parts = await db.transaction((tx) => partsOfGarden(tx, garden.id))
    const gone = new Set<string>()
    for (const part of parts) {
      const { table } = part
      if ('later' in part) yield* laterRows(db, part, gone)
      else if (table === 'garden') yield { ...part, gardens: [garden] }
      else if (table === 'plant_picture')
        yield { table, rows: part.rows.filter((row) => !gone.has(drawingOf(row))) }
      else yield part
    }
    await new Promise((next) => setImmediate(next))
  }
}

interface LaterPart {
  readonly table: string
  readonly later: readonly Later[]
}
async function partsOfGarden(tx: Queryable, gardenId: string): Promise<(WrittenPart | LaterPart)[]> {
  const parts: (WrittenPart | LaterPart)[] = []
  for (const [table, where] of GARDEN_TABLES) {
    const names = LATER_TABLES[table]
    if (names) parts.push({ table, later: await names(tx, table, where, gardenId) })
    else parts.push(...(await rowsOf(tx, table, where, [gardenId])))
  }
  return parts
}

/** Rows by what names them; what was taken away meanwhile is told. */
async function* laterRows(db: Db, { table, later }: LaterPart, gone: Set<string>): AsyncGenerator<WrittenPart> {
  for (const { where, params, name } of later) {
    const parts = await db.transaction((tx) => rowsOf(tx, table, where, params))
    yield* parts
    if (parts.length === 0) gone.add(name)
  }
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
export const partSchema = z.object({ table: z.string(), rows: z.array(z.record(z.string(), z.unknown())) })
/** Rows of one table; a backup is a head, such parts, and an end that counts and seals them. */
export type BackupPart = z.infer<typeof partSchema>
/** The same on its way into a backup: each row a JSON text. */
export interface WrittenPart {
  readonly table: string
  readonly rows: readonly string[]
  /** Of gardens: their ids and names. */
  readonly gardens?: readonly { readonly id: string; readonly name: string }[]
}
