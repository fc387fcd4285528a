import type { Queryable } from '../Db'

/** Claims a step that is done once; false when it was done before. */
export async function claimDataStep(tx: Queryable, name: string): Promise<boolean> {
  const claimed = await tx.query('INSERT INTO data_step (name) VALUES ($1) ON CONFLICT DO NOTHING RETURNING name', [
    name,
  ])
  return claimed.length > 0
}
