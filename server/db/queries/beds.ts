import type { Bed } from '../../../core/model'
import { bedSchema, bedFacts } from '../../../core/bed'
import type { SavedAnswer, StoredBed } from '../../../shared/answers'
import type { Queryable } from '../Db'

interface StoredRow {
  readonly id: string
  readonly garden_id: string
  readonly revision: number
  readonly saved_at: Date | string
  readonly value: unknown
}

const SELECT = `SELECT b.id, b.garden_id, b.revision, b.saved_at, b.value
  FROM bed b JOIN garden g ON g.id = b.garden_id AND g.removed_at IS NULL`

/** The beds of one garden, oldest first. */
export async function listBedsOf(db: Queryable, gardenId: string): Promise<StoredBed[]> {
  const rows = await db.query<StoredRow>(
    `${SELECT} WHERE b.garden_id = $1 AND b.removed_at IS NULL ORDER BY b.created_at, b.id`,
    [gardenId],
  )
  return rows.map(toBed)
}

/** A bed as it is stored, its value a text: to be read and checked beside the server. */
export interface BedText extends Omit<StoredBed, 'value'> {
  readonly text: string
}

/** The beds of one garden as texts, oldest first. */
export async function bedTextsOf(db: Queryable, gardenId: string): Promise<BedText[]> {
  const rows = await db.query<StoredRow & { readonly value: string }>(
    `SELECT id, garden_id, revision, saved_at, value::text AS value FROM bed
     WHERE garden_id = $1 AND removed_at IS NULL ORDER BY created_at, id`,
    [gardenId],
  )
  return rows.map(({ value, ...row }) => ({ ...placeOf(row), text: value }))
}

/** The name of each bed of a garden. */
export async function bedNamesOf(db: Queryable, gardenId: string): Promise<Map<string, string>> {
  const rows = await db.query<{ id: string; name: string }>('SELECT id, name FROM bed WHERE garden_id = $1', [
    gardenId,
  ])
  return new Map(rows.map((r) => [r.id, r.name]))
}

export async function findBed(db: Queryable, id: string): Promise<StoredBed | null> {
  const rows = await db.query<StoredRow>(`${SELECT} WHERE b.id = $1 AND b.removed_at IS NULL`, [id])
  return rows[0] ? toBed(rows[0]) : null
}

/** A bed to be saved: nobody else may save it until the transaction ends. */
export async function lockBed(tx: Queryable, id: string): Promise<StoredBed | null> {
  const rows = await tx.query<StoredRow>(`${SELECT} WHERE b.id = $1 AND b.removed_at IS NULL FOR UPDATE OF b`, [id])
  return rows[0] ? toBed(rows[0]) : null
}

/** Stores a new bed, and its first state for its history. */
export const insertBed = (db: Queryable, id: string, gardenId: string, bed: Bed): Promise<void> =>
  insertBedRow(db, gardenId, {
    id,
    name: bed.name,
    value: JSON.stringify(bed),
    facts: JSON.stringify(bedFacts(bed)),
  })

/** Stores a bed whose value is a JSON text already. */
export async function insertBedRow(db: Queryable, gardenId: string, bed: BedRow): Promise<void> {
  await db.query(
    `INSERT INTO bed (id, garden_id, name, value, facts, created_at)
     VALUES ($1, $2, $3, $4::jsonb, $5::jsonb, clock_timestamp())`,
    [bed.id, gardenId, bed.name, bed.value, bed.facts],
  )
  await db.query('INSERT INTO bed_snapshot (bed_id, revision, value) VALUES ($1, 1, $2::jsonb)', [
    bed.id,
    bed.value,
  ])
}

/** The revision of a bed to be saved, null when it is gone: nobody else may save it until the transaction ends. */
export async function lockRevision(tx: Queryable, id: string): Promise<number | null> {
  const [row] = await tx.query<{ revision: number }>(
    `SELECT b.revision FROM bed b JOIN garden g ON g.id = b.garden_id AND g.removed_at IS NULL
     WHERE b.id = $1 AND b.removed_at IS NULL FOR UPDATE OF b`,
    [id],
  )
  return row?.revision ?? null
}

/** Writes a locked bed, its value and facts JSON texts, under its next revision. */
export async function writeBed(
  tx: Queryable,
  id: string,
  revision: number,
  bed: { readonly name: string; readonly value: string; readonly facts: string },
): Promise<SavedAnswer> {
  const rows = await tx.query<{ revision: number; saved_at: Date | string }>(
    `UPDATE bed SET name = $2, value = $3::jsonb, facts = $5::jsonb, revision = $4, saved_at = now()
     WHERE id = $1 RETURNING revision, saved_at`,
    [id, bed.name, bed.value, revision, bed.facts],
  )
  const saved = rows[0]!
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

const placeOf = (row: Omit<StoredRow, 'value'>): Omit<StoredBed, 'value'> => ({
  id: row.id,
  gardenId: row.garden_id,
  revision: row.revision,
  savedAt: new Date(row.saved_at).toISOString(),
})
const toBed = (row: StoredRow): StoredBed => ({ ...placeOf(row), value: bedSchema.parse(row.value) })

/** Reads and checks a bed that is a text. */
export const bedOfText = ({ text, ...bed }: BedText): StoredBed => ({
  ...bed,
  value: bedSchema.parse(JSON.parse(text)),
})
/** A bed as it is stored: its value and what lists say of it as JSON texts. */
export interface BedRow {
  readonly id: string
  readonly name: string
  readonly value: string
  readonly facts: string
}
