import type { Plant, PlantCells } from '../../../core/plant'
import type { Queryable } from '../Db'

/** The cells of the user's plants as they were brought in, each plant a JSON text. */
export async function ownPlantTexts(db: Queryable): Promise<string[]> {
  const rows = await db.query<{ cells: string }>(
    'SELECT cells::text AS cells FROM own_plant WHERE removed_at IS NULL ORDER BY botanical_name',
    [],
  )
  return rows.map((row) => row.cells)
}

/** Names the state of all own plants: another one after every change of them. */
export async function ownPlantsMark(db: Queryable): Promise<string> {
  const [row] = await db.query<{ mark: string }>(
    `SELECT concat_ws(' ', count(*), sum(hashtext(id || imported_at)), max(imported_at)) AS mark
     FROM own_plant WHERE removed_at IS NULL`,
    [],
  )
  return row!.mark
}

export async function countOwnPlants(db: Queryable): Promise<number> {
  const [row] = await db.query<{ n: number }>(
    'SELECT count(*)::int AS n FROM own_plant WHERE removed_at IS NULL',
    [],
  )
  return row!.n
}

/** The cells of some of the user's plants, by plant id. */
export async function ownCellsOf(db: Queryable, ids: readonly string[]): Promise<Map<string, PlantCells>> {
  const rows = await db.query<{ id: string; cells: PlantCells }>(
    'SELECT id, cells FROM own_plant WHERE removed_at IS NULL AND id = ANY($1)',
    [ids],
  )
  return new Map(rows.map((r) => [r.id, r.cells]))
}

/** A plant as it is stored beside the library. */
export interface OwnPlantRow {
  readonly id: string
  readonly botanicalName: string
  readonly commonName: string
  readonly kind: string
  readonly cells: PlantCells
}

const ROWS = `SELECT p.id, p."botanicalName", p."commonName", p.kind, p.cells
  FROM jsonb_to_recordset($1::jsonb) AS p (id text, "botanicalName" text, "commonName" text, kind text, cells jsonb)`
const INTO = 'INSERT INTO own_plant (id, botanical_name, common_name, kind, cells)'

/** Adds plants or replaces those of the same name. Call it in a transaction: all or none. */
export const upsertOwnPlants = (tx: Queryable, rows: readonly OwnPlantRow[]): Promise<void> =>
  upsertOwnPlantsJson(tx, JSON.stringify(rows))

/** The same with rows that are a JSON text already. */
export async function upsertOwnPlantsJson(tx: Queryable, rows: string): Promise<void> {
  await tx.query(
    `${INTO} ${ROWS} ON CONFLICT (id) DO UPDATE SET botanical_name = excluded.botanical_name,
       common_name = excluded.common_name, kind = excluded.kind, cells = excluded.cells, imported_at = now(),
       removed_at = NULL`,
    [rows],
  )
}

/** Adds plants that are not there yet; those that are stay as they are. */
export async function insertOwnPlants(tx: Queryable, rows: readonly OwnPlantRow[]): Promise<void> {
  await tx.query(
    `${INTO} ${ROWS} ON CONFLICT (id) DO UPDATE SET cells = excluded.cells, imported_at = now(), removed_at = NULL
     WHERE own_plant.removed_at IS NOT NULL`,
    [JSON.stringify(rows)],
  )
}

/** Rows of a plant list as they are stored. */
export const ownPlantRows = (
  rows: readonly { readonly plant: Plant; readonly cells: PlantCells }[],
): OwnPlantRow[] =>
  rows.map(({ plant, cells }) => {
    const { id, botanicalName, commonName, kind } = plant
    return { id, botanicalName, commonName, kind, cells }
  })

/** Rows that the database takes in one statement: with more its memory grows, and stays so. */
const AT_ONCE = 100

/** The same as JSON texts, each for one statement. */
export function ownPlantRowTexts(rows: Parameters<typeof ownPlantRows>[0]): string[] {
  const texts: string[] = []
  for (let from = 0; from < rows.length; from += AT_ONCE)
    texts.push(JSON.stringify(ownPlantRows(rows.slice(from, from + AT_ONCE))))
  return texts
}

/** Removes an own plant from the library, or brings it back; false when there is none. */
export async function setOwnPlantRemoved(db: Queryable, id: string, removed: boolean): Promise<boolean> {
  const rows = await db.query(
    'UPDATE own_plant SET removed_at = CASE WHEN $2 THEN now() END WHERE id = $1 RETURNING id',
    [id, removed],
  )
  return rows.length > 0
}

/** Names of a few beds in which a plant stands. */
export async function bedsWithPlant(db: Queryable, plantId: string): Promise<string[]> {
  const rows = await db.query<{ name: string }>(
    `SELECT b.name FROM bed b JOIN garden g ON g.id = b.garden_id
     WHERE b.removed_at IS NULL AND g.removed_at IS NULL AND position('"' || $1 || '"' in b.value::text) > 0
     ORDER BY b.name LIMIT 5`,
    [plantId],
  )
  return rows.map((r) => r.name)
}
