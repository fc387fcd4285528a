import type { CareTick } from '../../../core/model'
import { EMPTY_SUPPLY } from '../../../core/count'
import type { Queryable } from '../Db'

/** Each task and what became of it; null: it is open again. */
type CareTicksSaid = Readonly<Record<string, CareTick | null>>

interface CareTicksKept {
  readonly count: number
  /** All of them as a JSON text: they go to the browser as they are. */
  readonly text: string
}

const TICKS = `SELECT (SELECT count(*)::int FROM jsonb_object_keys(ticks)) AS count, ticks::text AS text
  FROM (SELECT coalesce(value #> '{care,ticks}', '{}') AS ticks FROM`

/** A garden's ticks of care. */
export async function listCareTicks(db: Queryable, gardenId: string): Promise<CareTicksKept> {
  const [kept] = await db.query<CareTicksKept>(`${TICKS} supply WHERE garden_id = $1) AS s`, [gardenId])
  return kept ?? { count: 0, text: '{}' }
}

/** Joins what was said with the ticks that are there: each task's later word holds. */
export async function joinCareTicks(db: Queryable, gardenId: string, said: CareTicksSaid): Promise<CareTicksKept> {
  const all = Object.entries(said)
  const open = all.filter(([, tick]) => tick === null).map(([task]) => task)
  const ticked = JSON.stringify(Object.fromEntries(all.filter(([, tick]) => tick !== null)))
  await db.query(
    `INSERT INTO supply (garden_id, value) VALUES ($1, $2::jsonb) ON CONFLICT (garden_id) DO NOTHING`,
    [gardenId, JSON.stringify(EMPTY_SUPPLY)],
  )
  const [kept] = await db.query<CareTicksKept>(
    `WITH s AS (
       UPDATE supply SET revision = revision + 1, saved_at = now(), last_save = NULL,
         value = jsonb_set(value, '{care}', coalesce(value->'care', '{"planted": null}') ||
           jsonb_build_object('ticks', (coalesce(value #> '{care,ticks}', '{}') - $3::text[]) || $2::jsonb))
       WHERE garden_id = $1 RETURNING value)
     ${TICKS} s) AS t`,
    [gardenId, ticked, open],
  )
  return kept!
}
