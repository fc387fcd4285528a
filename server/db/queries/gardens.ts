import { gardenSchema, type Garden } from '../../../core/model'
import type { StoredGarden } from '../../../shared/answers'
import type { Queryable } from '../Db'

interface GardenRow {
  id: string
  name: string
  town: string
  latitude: number
  longitude: number
  hardiness_zone: string
  heat_zone: number | null
  last_frost: string
  first_frost: string
  units: string
  region: string | null
  revision: number
  saved_at: Date | string
}

const COLUMNS =
  'id, name, town, latitude, longitude, hardiness_zone, heat_zone, last_frost, first_frost, units, region, revision, saved_at'

/** `$2`: the gardens that may be seen, null for all. */
const WANTED = `removed_at IS NULL AND ($2::text[] IS NULL OR id = ANY($2))
  AND ($1 = '' OR position(lower($1) in lower(name || ' ' || town)) > 0 OR EXISTS (SELECT 1 FROM bed b
    WHERE b.garden_id = garden.id AND b.removed_at IS NULL AND position(lower($1) in lower(b.name)) > 0))`

/** Which part of the list of gardens is wanted: those whose name, town or a bed’s name holds a text, so many from one on, oldest first. */
export interface ListAsk {
  readonly find: string
  /** Ids of those that may be seen; null: all. */
  readonly seen: readonly string[] | null
  readonly from: number
  readonly most: number
}

/** A part of the list of gardens, and how many there are that answer. */
export async function listGardens(
  db: Queryable,
  { find, seen, from, most }: ListAsk,
): Promise<{ readonly gardens: StoredGarden[]; readonly total: number }> {
  const rows = await db.query<GardenRow>(
    `SELECT ${COLUMNS} FROM garden WHERE ${WANTED} ORDER BY created_at, id LIMIT $3 OFFSET $4`,
    [find, seen, most, from],
  )
  const [count] = await db.query<{ n: number }>(`SELECT count(*)::int AS n FROM garden WHERE ${WANTED}`, [
    find,
    seen,
  ])
  return { gardens: rows.map(toGarden), total: count?.n ?? 0 }
}

/** Ids of all gardens that are not removed. */
export async function gardenIds(db: Queryable): Promise<string[]> {
  const rows = await db.query<{ id: string }>(
    'SELECT id FROM garden WHERE removed_at IS NULL ORDER BY created_at, id',
  )
  return rows.map((r) => r.id)
}

export async function findGarden(db: Queryable, id: string): Promise<StoredGarden | null> {
  const rows = await db.query<GardenRow>(`SELECT ${COLUMNS} FROM garden WHERE id = $1 AND removed_at IS NULL`, [id])
  return rows[0] ? toGarden(rows[0]) : null
}

/** Whether any garden was ever stored, removed ones included. */
export async function hasGardens(db: Queryable): Promise<boolean> {
  return (await db.query('SELECT 1 FROM garden LIMIT 1', [])).length > 0
}

export async function insertGarden(db: Queryable, id: string, garden: Garden): Promise<StoredGarden> {
  const rows = await db.query<GardenRow>(
    `INSERT INTO garden (id, name, town, latitude, longitude, hardiness_zone, heat_zone, last_frost, first_frost, units, region, created_at)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, clock_timestamp()) RETURNING ${COLUMNS}`,
    [id, ...values(garden)],
  )
  return toGarden(rows[0]!)
}

/** The garden as saved, or null when the revision is no longer the stored one (or the garden is gone). */
export async function updateGarden(
  db: Queryable,
  id: string,
  revision: number,
  garden: Garden,
): Promise<StoredGarden | null> {
  const rows = await db.query<GardenRow>(
    `UPDATE garden SET name = $2, town = $3, latitude = $4, longitude = $5, hardiness_zone = $6, heat_zone = $7,
       last_frost = $8, first_frost = $9, units = $10, region = $11,
       revision = revision + 1, saved_at = now()
     WHERE id = $1 AND revision = $12 AND removed_at IS NULL RETURNING ${COLUMNS}`,
    [id, ...values(garden), revision],
  )
  return rows[0] ? toGarden(rows[0]) : null
}

/** Removes a garden from view, or brings it back; false when there is none. */
export async function setGardenRemoved(db: Queryable, id: string, removed: boolean): Promise<boolean> {
  const rows = await db.query(
    'UPDATE garden SET removed_at = CASE WHEN $2 THEN now() END WHERE id = $1 RETURNING id',
    [id, removed],
  )
  return rows.length > 0
}

const values = (g: Garden) => [
  g.name,
  g.place.town,
  g.place.latitude,
  g.place.longitude,
  g.place.hardinessZone,
  g.place.heatZone ?? null,
  g.place.lastFrost,
  g.place.firstFrost,
  g.units,
  g.region ?? null,
]

function toGarden(row: GardenRow): StoredGarden {
  const value = gardenSchema.parse({
    name: row.name,
    place: {
      town: row.town,
      latitude: row.latitude,
      longitude: row.longitude,
      hardinessZone: row.hardiness_zone,
      ...(row.heat_zone === null ? {} : { heatZone: row.heat_zone }),
      lastFrost: row.last_frost,
      firstFrost: row.first_frost,
    },
    units: row.units,
    ...(row.region === null ? {} : { region: row.region }),
  })
  return { id: row.id, revision: row.revision, savedAt: new Date(row.saved_at).toISOString(), value }
}

/** Ids and names of gardens, by name; `seen`: those that may be seen, null for all. */
export const gardenNames = (db: Queryable, seen: readonly string[] | null) =>
  db.query<{ id: string; name: string }>(
    'SELECT id, name FROM garden WHERE removed_at IS NULL AND ($1::text[] IS NULL OR id = ANY($1)) ORDER BY name, id',
    [seen],
  )

/** Hides a garden that is not whole yet: neither the list nor the trash shows it, and the trash is rid of it with its next emptying. */
export async function hideGarden(tx: Queryable, id: string): Promise<void> {
  await tx.query('UPDATE garden SET removed_at = to_timestamp(0) WHERE id = $1', [id])
}

/** Takes a garden away for good, with all that belongs to it. */
export async function dropGarden(tx: Queryable, id: string): Promise<void> {
  await tx.query('DELETE FROM garden WHERE id = $1', [id])
}
/** The garden that a bed or a drawing belongs to; null when there is no such thing. */
export async function gardenOf(db: Queryable, of: 'bed' | 'drawing', id: string): Promise<string | null> {
  const [row] = await db.query<{ garden_id: string }>(`SELECT garden_id FROM ${of} WHERE id = $1`, [id])
  return row?.garden_id ?? null
}
