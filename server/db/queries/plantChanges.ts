import type { PlantCells } from '../../../core/plant'
import type { Queryable } from '../Db'

type ChangedCells = Readonly<Record<string, string>>

/** The cells that a garden changed, by plant. */
export async function listPlantChanges(db: Queryable, gardenId: string): Promise<Map<string, ChangedCells>> {
  const rows = await db.query<{ plant_id: string; cells: PlantCells }>(
    'SELECT plant_id, cells FROM plant_change WHERE garden_id = $1 ORDER BY plant_id',
    [gardenId],
  )
  return new Map(rows.map((r) => [r.plant_id, r.cells]))
}

/** Sets what a garden changes of a plant; nothing left means none. */
export async function savePlantChange(
  db: Queryable,
  gardenId: string,
  plantId: string,
  cells: ChangedCells,
): Promise<void> {
  if (Object.keys(cells).length === 0) {
    await db.query('DELETE FROM plant_change WHERE garden_id = $1 AND plant_id = $2', [gardenId, plantId])
    return
  }
  await db.query(
    'INSERT INTO plant_change (garden_id, plant_id, cells) VALUES ($1, $2, $3::jsonb) ON CONFLICT ' +
      '(garden_id, plant_id) DO UPDATE SET cells = excluded.cells, changed_at = now()',
    [gardenId, plantId, JSON.stringify(cells)],
  )
}

/** Sets what a new garden changes of many plants at once. */
export async function savePlantChanges(
  db: Queryable,
  gardenId: string,
  changes: ReadonlyMap<string, ChangedCells>,
): Promise<void> {
  const rows = [...changes].map(([plant_id, cells]) => ({ plant_id, cells }))
  await db.query(
    `INSERT INTO plant_change (garden_id, plant_id, cells) SELECT $1, c.plant_id, c.cells
     FROM jsonb_to_recordset($2::jsonb) AS c (plant_id text, cells jsonb)`,
    [gardenId, JSON.stringify(rows)],
  )
}
