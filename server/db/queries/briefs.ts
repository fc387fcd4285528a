import type { SchoolChanges } from '../../../core/bed'
import { baseOfSave } from './baseOfSave'
import { EMPTY_BRIEF, type Brief } from '../../../core/brief'
import { briefSchema } from '../../../shared/briefSchema'
import type { SavedAnswer, StoredBrief } from '../../../shared/wire'
import type { Queryable } from '../Db'

/** A garden's brief; an empty one of revision 0 when none was saved. */
export async function findBrief(db: Queryable, gardenId: string): Promise<StoredBrief> {
  const rows = await db.query<{ value: unknown; revision: number; saved_at: Date | string }>(
    'SELECT value, revision, saved_at FROM brief WHERE garden_id = $1',
    [gardenId],
  )
  const row = rows[0]
  if (!row) return { id: gardenId, revision: 0, savedAt: new Date(0).toISOString(), value: EMPTY_BRIEF }
  return {
    id: gardenId,
    revision: row.revision,
    savedAt: new Date(row.saved_at).toISOString(),
    value: briefSchema.parse(row.value) as Brief,
  }
}

/** Saves a brief when the revision is still the stored one (0: none yet); null when it is not. */
export async function saveBrief(
  db: Queryable,
  gardenId: string,
  revision: number,
  brief: Brief,
  saves: readonly string[] = [],
): Promise<SavedAnswer | null> {
  const base = await baseOfSave(db, 'brief', gardenId, revision, saves)
  const rows = await db.query<{ revision: number; saved_at: Date | string }>(
    base === 0
      ? 'INSERT INTO brief (garden_id, value, last_save) VALUES ($1, $2::jsonb, $3) ON CONFLICT (garden_id) ' +
          'DO NOTHING RETURNING revision, saved_at'
      : 'UPDATE brief SET value = $2::jsonb, revision = revision + 1, saved_at = now(), last_save = $3 ' +
          'WHERE garden_id = $1 AND revision = $4 RETURNING revision, saved_at',
    [gardenId, JSON.stringify(brief), saves[saves.length - 1] ?? null, ...(base === 0 ? [] : [base])],
  )
  const saved = rows[0]
  return saved ? { revision: saved.revision, savedAt: new Date(saved.saved_at).toISOString() } : null
}

/** The changed schools of every garden that has a brief, by garden. */
export async function listSchoolChanges(db: Queryable): Promise<ReadonlyMap<string, SchoolChanges>> {
  const rows = await db.query<{ garden_id: string; schools: unknown }>(
    "SELECT garden_id, value -> 'schools' AS schools FROM brief",
    [],
  )
  return new Map(rows.map((r) => [r.garden_id, briefSchema.shape.schools.parse(r.schools ?? {}) as SchoolChanges]))
}
