import type { Stored, SavedAnswer } from '../../../shared/answers'
import type { Queryable } from '../Db'
import { baseOfSave } from './baseOfSave'

interface Row {
  readonly value: unknown
  readonly revision: number
  readonly saved_at: Date | string
}

/** Reads and writes a value of which each garden has one: its table, what it is while none was saved, and its parser. */
export function keptOfGarden<T>(table: 'brief' | 'supply', empty: T, parse: (value: unknown) => T) {
  /** A garden's value; the empty one of revision 0 when none was saved. */
  async function find(db: Queryable, gardenId: string): Promise<Stored<T>> {
    const [row] = await db.query<Row>(`SELECT value, revision, saved_at FROM ${table} WHERE garden_id = $1`, [
      gardenId,
    ])
    if (!row) return { id: gardenId, revision: 0, savedAt: new Date(0).toISOString(), value: empty }
    return {
      id: gardenId,
      revision: row.revision,
      savedAt: new Date(row.saved_at).toISOString(),
      value: parse(row.value),
    }
  }

  /** Saves it when the revision is still the stored one (0: none yet); null when it is not. Call it in a transaction. */
  async function save(
    db: Queryable,
    gardenId: string,
    revision: number,
    value: T,
    saves: readonly string[] = [],
  ): Promise<SavedAnswer | null> {
    const base = await baseOfSave(db, table, gardenId, revision, saves)
    const [saved] = await db.query<Row>(
      base === 0
        ? `INSERT INTO ${table} (garden_id, value, last_save) VALUES ($1, $2::jsonb, $3) ON CONFLICT (garden_id) ` +
            'DO NOTHING RETURNING revision, saved_at'
        : `UPDATE ${table} SET value = $2::jsonb, revision = revision + 1, saved_at = now(), last_save = $3 ` +
            'WHERE garden_id = $1 AND revision = $4 RETURNING revision, saved_at',
      [gardenId, JSON.stringify(value), saves[saves.length - 1] ?? null, ...(base === 0 ? [] : [base])],
    )
    return saved ? { revision: saved.revision, savedAt: new Date(saved.saved_at).toISOString() } : null
  }
  return { find, save }
}
