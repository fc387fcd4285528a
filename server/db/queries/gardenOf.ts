import type { Queryable } from '../Db'

/** The garden that a bed or a drawing belongs to; null when there is no such thing. */
export async function gardenOf(db: Queryable, of: 'bed' | 'drawing', id: string): Promise<string | null> {
  const [row] = await db.query<{ garden_id: string }>(`SELECT garden_id FROM ${of} WHERE id = $1`, [id])
  return row?.garden_id ?? null
}
