import type { Tick, TickKind } from '../../../core/model'
import type { Queryable } from '../Db'

interface TickRow {
  readonly bed_id: string
  readonly plant: string
  readonly plant_id: string
  readonly what: string
  readonly value: string
  readonly at: Date | string
  readonly device: string
}

/** What was done to the plants of a garden. */
export async function listTicks(db: Queryable, gardenId: string): Promise<Tick[]> {
  const rows = await db.query<TickRow>(
    'SELECT bed_id, plant, plant_id, what, value, at, device FROM tick WHERE garden_id = $1 ORDER BY at, plant, what',
    [gardenId],
  )
  return rows.map((r) => ({
    bedId: r.bed_id,
    plant: r.plant,
    plantId: r.plant_id,
    what: r.what as TickKind,
    value: r.value,
    at: new Date(r.at).toISOString(),
    device: r.device,
  }))
}

/**
 * Joins ticks of a device with those that are there, place by place: the later word holds, on the same instant that of the later device
 * name. Ticks of beds that are not this garden's are left out.
 */
export async function joinStoredTicks(db: Queryable, gardenId: string, ticks: readonly Tick[]): Promise<void> {
  await joinTicksJson(db, gardenId, JSON.stringify(ticks))
}

/** Joins ticks that are a JSON text already. */
export async function joinTicksJson(db: Queryable, gardenId: string, ticks: string): Promise<void> {
  await db.query(
    `INSERT INTO tick (garden_id, bed_id, plant, plant_id, what, value, at, device)
     SELECT $1, t."bedId", t.plant, t."plantId", t.what, t.value, t.at, t.device
     FROM jsonb_to_recordset($2::jsonb)
       AS t ("bedId" text, plant text, "plantId" text, what text, value text, at timestamptz, device text)
     JOIN bed b ON b.id = t."bedId" AND b.garden_id = $1
     ON CONFLICT (garden_id, bed_id, plant, what) DO UPDATE
       SET value = excluded.value, at = excluded.at, device = excluded.device, plant_id = excluded.plant_id, told_at = now()
       WHERE (excluded.at, excluded.device) > (tick.at, tick.device)`,
    [gardenId, ticks],
  )
}
