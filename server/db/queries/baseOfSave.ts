import type { Queryable } from '../Db'

/**
 * The revision a save builds on. One whose answer was lost is sent again with the revision it first started from: the stored value carries
 * one of its own edits then, and the save goes on from there.
 */
export async function baseOfSave(
  tx: Queryable,
  table: 'site' | 'brief' | 'supply',
  gardenId: string,
  revision: number,
  saves: readonly string[],
): Promise<number> {
  if (saves.length === 0) return revision
  const rows = await tx.query<{ revision: number; last_save: string | null }>(
    `SELECT revision, last_save FROM ${table} WHERE garden_id = $1 FOR UPDATE`,
    [gardenId],
  )
  const row = rows[0]
  const isOurs = row?.last_save != null && row.revision === revision + 1 && saves.includes(row.last_save)
  return isOurs ? row.revision : revision
}
