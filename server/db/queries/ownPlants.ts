import { plantFromCells, type Plant, type PlantCells } from '../../../core/plant'
import type { Queryable } from '../Db'

/** Plants brought in by the user, checked again as they come out. */
export async function listOwnPlants(db: Queryable): Promise<Plant[]> {
  return (await listOwnCells(db)).map(plantFromCells)
}

/** The cells of the user's plants as they were brought in. */
export async function listOwnCells(db: Queryable): Promise<PlantCells[]> {
  return (await db.query<{ cells: PlantCells }>('SELECT cells FROM own_plant ORDER BY botanical_name', [])).map(
    (row) => row.cells,
  )
}

/** Adds plants or replaces those of the same name. Call it in a transaction: all or none. */
export async function upsertOwnPlants(
  tx: Queryable,
  rows: readonly { readonly plant: Plant; readonly cells: PlantCells }[],
): Promise<void> {
  await tx.query(
    `INSERT INTO own_plant (id, botanical_name, common_name, kind, cells)
     SELECT p.id, p.botanical, p.common, p.kind, p.cells
       FROM jsonb_to_recordset($1::jsonb) AS p (id text, botanical text, common text, kind text, cells jsonb)
     ON CONFLICT (id) DO UPDATE SET botanical_name = excluded.botanical_name, common_name = excluded.common_name,
       kind = excluded.kind, cells = excluded.cells, imported_at = now()`,
    [
      JSON.stringify(
        rows.map(({ plant, cells }) => ({
          id: plant.id,
          botanical: plant.botanicalName,
          common: plant.commonName,
          kind: plant.kind,
          cells,
        })),
      ),
    ],
  )
}
