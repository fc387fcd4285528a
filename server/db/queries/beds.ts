import type { Bed } from '../../../core/bed'
import { bedSchema } from '../../../shared/bedSchema'
import type { StoredBed } from '../../../shared/wire'
import type { Queryable } from '../Db'

interface BedRow {
  id: string
  garden_id: string
  name: string
  school: string
  form: unknown
  outline: unknown
  lane_shares: unknown
  wall: unknown
  viewpoint: unknown
  ground: unknown
  revision: number
  saved_at: Date | string
  existing: unknown
  drifts: unknown
  pins: unknown
  accepted: unknown
  shortlist: unknown
  buying: unknown
}

// One read brings a bed with all its rows, in their order.
const SELECT = `SELECT b.id, b.garden_id, b.name, b.school, b.form, b.outline, b.lane_shares, b.wall, b.viewpoint, b.ground, b.revision, b.saved_at,
  (SELECT coalesce(jsonb_agg(jsonb_build_object('id', d.id, 'plantId', d.plant_id, 'lane', d.lane, 'count', d.count, 'pattern', d.pattern, 'at', d.at_m, 'everyM', d.every_m) ORDER BY d.position), '[]') FROM drift d WHERE d.bed_id = b.id) AS drifts,
  (SELECT coalesce(jsonb_agg(e.figures || jsonb_build_object('id', e.id, 'name', e.name, 'plantId', e.plant_id, 'fate', e.fate) ORDER BY e.position), '[]') FROM existing_plant e WHERE e.bed_id = b.id) AS existing,
  (SELECT coalesce(jsonb_agg(jsonb_build_object('driftId', p.drift_id, 'index', p.plant_index, 'x', p.x_m, 'y', p.y_m) ORDER BY p.drift_id, p.plant_index), '[]') FROM pin p WHERE p.bed_id = b.id) AS pins,
  (SELECT coalesce(jsonb_agg(jsonb_build_object('findingId', a.finding_id, 'title', a.title, 'reason', a.reason) ORDER BY a.position), '[]') FROM acceptance a WHERE a.bed_id = b.id) AS accepted,
  (SELECT coalesce(jsonb_agg(s.plant_id ORDER BY s.position), '[]') FROM shortlisted s WHERE s.bed_id = b.id) AS shortlist,
  (SELECT coalesce(jsonb_agg(jsonb_build_object('plantId', y.plant_id, 'size', y.size, 'have', y.have) ORDER BY y.plant_id), '[]') FROM buying y WHERE y.bed_id = b.id) AS buying
  FROM bed b JOIN garden g ON g.id = b.garden_id AND g.removed_at IS NULL`

export async function listBeds(db: Queryable): Promise<StoredBed[]> {
  return (await db.query<BedRow>(`${SELECT} WHERE b.removed_at IS NULL ORDER BY b.created_at, b.id`)).map(toBed)
}

export async function findBed(db: Queryable, id: string): Promise<StoredBed | null> {
  const rows = await db.query<BedRow>(`${SELECT} WHERE b.id = $1 AND b.removed_at IS NULL`, [id])
  return rows[0] ? toBed(rows[0]) : null
}

export async function insertBed(db: Queryable, id: string, gardenId: string, bed: Bed): Promise<void> {
  await db.query(
    `INSERT INTO bed (id, garden_id, name, school, form, outline, lane_shares, wall, viewpoint, ground, created_at)
     VALUES ($1, $2, $3, $4, $5::jsonb, $6::jsonb, $7::jsonb, $8::jsonb, $9::jsonb, $10::jsonb, clock_timestamp())`,
    [id, gardenId, ...values(bed)],
  )
  await insertRows(db, id, bed)
}

/** Saves a bed whole when the revision is still the stored one; null when it is not (or the bed is gone). Call it in a transaction. */
export async function updateBed(
  tx: Queryable,
  id: string,
  revision: number,
  bed: Bed,
): Promise<{ revision: number; savedAt: string } | null> {
  const rows = await tx.query<{ revision: number; saved_at: Date | string }>(
    `UPDATE bed SET name = $2, school = $3, form = $4::jsonb, outline = $5::jsonb, lane_shares = $6::jsonb, wall = $7::jsonb, viewpoint = $8::jsonb, ground = $9::jsonb,
       revision = revision + 1, saved_at = now()
     WHERE id = $1 AND revision = $10 AND removed_at IS NULL RETURNING revision, saved_at`,
    [id, ...values(bed), revision],
  )
  const saved = rows[0]
  if (!saved) return null
  for (const table of ['pin', 'existing_plant', 'drift', 'acceptance', 'shortlisted', 'buying'])
    await tx.query(`DELETE FROM ${table} WHERE bed_id = $1`, [id])
  await insertRows(tx, id, bed)
  return { revision: saved.revision, savedAt: new Date(saved.saved_at).toISOString() }
}

/** Removes a bed from view, or brings it back; false when there is none. */
export async function setBedRemoved(db: Queryable, id: string, removed: boolean): Promise<boolean> {
  const rows = await db.query(
    'UPDATE bed SET removed_at = CASE WHEN $2 THEN now() END WHERE id = $1 RETURNING id',
    [id, removed],
  )
  return rows.length > 0
}

const values = (bed: Bed) => [
  bed.name,
  bed.school,
  ...[bed.form, bed.outline, bed.laneShares, bed.wall, bed.viewpoint, bed.ground].map((v) => JSON.stringify(v)),
]

async function insertRows(db: Queryable, id: string, bed: Bed): Promise<void> {
  const numbered = <T extends object>(list: readonly T[]) =>
    JSON.stringify(list.map((item, position) => ({ ...item, position })))
  await db.query(
    `INSERT INTO drift (bed_id, id, position, plant_id, lane, count, pattern, at_m, every_m)
     SELECT $1, d.id, d.position, d."plantId", d.lane, d.count, d.pattern, d.at, d."everyM"
     FROM jsonb_to_recordset($2::jsonb) AS d (id text, position integer, "plantId" text, lane integer, count integer, pattern text, at double precision, "everyM" double precision)`,
    [id, numbered(bed.drifts)],
  )
  await db.query(
    `INSERT INTO pin (bed_id, drift_id, plant_index, x_m, y_m) SELECT $1, p."driftId", p.index, p.x, p.y
     FROM jsonb_to_recordset($2::jsonb) AS p ("driftId" text, index integer, x double precision, y double precision)`,
    [id, JSON.stringify(bed.pins)],
  )
  await db.query(
    `INSERT INTO existing_plant (bed_id, id, position, name, plant_id, fate, figures) SELECT $1, e.id, e.position, e.name, e.plant_id, e.fate, e.figures
     FROM jsonb_to_recordset($2::jsonb) AS e (id text, position integer, name text, plant_id text, fate text, figures jsonb)`,
    [
      id,
      numbered(
        bed.existing.map(({ id: existingId, name, plantId, fate, ...figures }) => ({
          id: existingId,
          name,
          plant_id: plantId,
          fate,
          figures,
        })),
      ),
    ],
  )
  await db.query(
    `INSERT INTO acceptance (bed_id, finding_id, position, title, reason) SELECT $1, a."findingId", a.position, a.title, a.reason
     FROM jsonb_to_recordset($2::jsonb) AS a ("findingId" text, position integer, title text, reason text)`,
    [id, numbered(bed.accepted)],
  )
  await db.query(
    `INSERT INTO shortlisted (bed_id, position, plant_id) SELECT $1, s.position, s."plantId"
     FROM jsonb_to_recordset($2::jsonb) AS s (position integer, "plantId" text)`,
    [id, numbered([...new Set(bed.shortlist)].map((plantId) => ({ plantId })))],
  )
  await db.query(
    `INSERT INTO buying (bed_id, plant_id, size, have) SELECT $1, y."plantId", y.size, y.have
     FROM jsonb_to_recordset($2::jsonb) AS y ("plantId" text, size text, have integer)`,
    [id, JSON.stringify(bed.buying)],
  )
}

function toBed(row: BedRow): StoredBed {
  const value = bedSchema.parse({
    name: row.name,
    school: row.school,
    outline: row.outline,
    laneShares: row.lane_shares,
    form: row.form,
    wall: row.wall,
    viewpoint: row.viewpoint,
    ground: row.ground,
    existing: row.existing,
    drifts: row.drifts,
    pins: row.pins,
    accepted: row.accepted,
    shortlist: row.shortlist,
    buying: row.buying,
  })
  return {
    id: row.id,
    gardenId: row.garden_id,
    revision: row.revision,
    savedAt: new Date(row.saved_at).toISOString(),
    value,
  }
}
