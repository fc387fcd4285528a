import type { Queryable } from './Db'

/** Some rows of a table, to be read later. */
export interface Later {
  readonly where: string
  readonly params: readonly unknown[]
  /** What is named so is gone when no row is found. */
  readonly name: string
}

type Names = (tx: Queryable, table: string, where: string, gardenId: string) => Promise<Later[]>

/** Pictures one by one. */
const pictures =
  (key: string): Names =>
  async (tx, table, where, gardenId) => {
    const rows = await tx.query<{ id: string }>(`SELECT ${key} AS id FROM ${table} WHERE ${where}`, [gardenId])
    return rows.map(({ id }) => ({ where: `${key} = $1`, params: [id], name: id }))
  }

/** Bytes as they are stored, packed: unpacked they are some ten times as many. */
const STORED_PART = 100_000
const MOST_ROWS = 500

/** The history of beds, so many revisions at a time that they are not large together. */
const history =
  (size: string): Names =>
  async (tx, table, where, gardenId) => {
    const rows = await tx.query<{ bed_id: string; revision: number; size: number }>(
      `SELECT bed_id, revision, ${size} AS size FROM ${table} WHERE ${where} ORDER BY bed_id, revision`,
      [gardenId],
    )
    const runs: { bedId: string; from: number; to: number; size: number; rows: number }[] = []
    for (const { bed_id: bedId, revision, size: bytes } of rows) {
      const last = runs.at(-1)
      if (last && last.bedId === bedId && last.rows < MOST_ROWS && last.size + bytes <= STORED_PART) {
        last.to = revision
        last.size += bytes
        last.rows++
      } else runs.push({ bedId, from: revision, to: revision, size: bytes, rows: 1 })
    }
    return runs.map(({ bedId, from, to }) => ({
      where: 'bed_id = $1 AND revision BETWEEN $2 AND $3',
      params: [bedId, from, to],
      name: bedId,
    }))
  }

/** Tables whose rows never change and can be too many to be held at once: what names them is read with the rest, they themselves after. */
export const LATER_TABLES: Readonly<Record<string, Names>> = {
  drawing: pictures('id'),
  bed_picture: pictures('bed_id'),
  bed_edit: history('pg_column_size(edit) + pg_column_size(inverse)'),
  bed_snapshot: history('pg_column_size(value)'),
}
