import type { Queryable } from '../Db'

/** Letters of a garden that stand on papers, by plant id. */
export async function listIssuedKeys(db: Queryable, gardenId: string): Promise<Map<string, string>> {
  const rows = await db.query<{ plant_id: string; letters: string }>(
    'SELECT plant_id, letters FROM issued_key WHERE garden_id = $1 ORDER BY issued_at, plant_id',
    [gardenId],
  )
  return new Map(rows.map((r) => [r.plant_id, r.letters]))
}

/** Notes letters that go onto a paper; those that stand on one already stay. */
export async function issueKeys(db: Queryable, gardenId: string, keys: ReadonlyMap<string, string>): Promise<void> {
  const rows = [...keys].map(([plant_id, letters]) => ({ plant_id, letters }))
  await db.query(
    `INSERT INTO issued_key (garden_id, plant_id, letters) SELECT $1, k.plant_id, k.letters
     FROM jsonb_to_recordset($2::jsonb) AS k (plant_id text, letters text) ON CONFLICT DO NOTHING`,
    [gardenId, JSON.stringify(rows)],
  )
}
