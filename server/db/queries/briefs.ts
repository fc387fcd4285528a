import type { SchoolChanges } from '../../../core/bed'
import { EMPTY_BRIEF, type Brief } from '../../../core/brief'
import { briefSchema } from '../../../shared/briefSchema'
import type { Queryable } from '../Db'
import { keptOfGarden } from './keptOfGarden'

export const { find: findBrief, save: saveBrief } = keptOfGarden<Brief>(
  'brief',
  EMPTY_BRIEF,
  (v) => briefSchema.parse(v) as Brief,
)

/** The changed schools of every garden that has a brief, by garden. */
export async function listSchoolChanges(db: Queryable): Promise<ReadonlyMap<string, SchoolChanges>> {
  const rows = await db.query<{ garden_id: string; schools: unknown }>(
    "SELECT garden_id, value -> 'schools' AS schools FROM brief",
    [],
  )
  return new Map(rows.map((r) => [r.garden_id, briefSchema.shape.schools.parse(r.schools ?? {}) as SchoolChanges]))
}
