import type { Bed } from '../../../core/bed'
import type { Edit } from '../../../core/edit'
import { bedSchema } from '../../../shared/bedSchema'
import type { HistoryEntry, HistoryStep, SentEdit } from '../../../shared/wire'
import type { Queryable } from '../Db'

/** An edit as it is kept: with its name and what takes it back. */
export interface KeptEdit extends SentEdit {
  readonly name: string
  readonly inverse: Edit
}

/** Ids of the edits that led from one revision of a bed to the newest, in their order. */
export async function editsSince(tx: Queryable, bedId: string, revision: number): Promise<string[]> {
  const rows = await tx.query<{ id: string }>(
    'SELECT id FROM bed_edit WHERE bed_id = $1 AND revision > $2 ORDER BY revision',
    [bedId, revision],
  )
  return rows.map((r) => r.id)
}

/** Keeps edits of a bed; the first leads to the revision after `from`. */
export async function insertEdits(
  tx: Queryable,
  bedId: string,
  from: number,
  edits: readonly KeptEdit[],
): Promise<void> {
  const rows = edits.map((e, i) => ({ ...e, revision: from + 1 + i }))
  await tx.query(
    `INSERT INTO bed_edit (bed_id, revision, id, how, name, edit, inverse) SELECT $1, e.revision, e.id, e.how, e.name, e.edit, e.inverse
     FROM jsonb_to_recordset($2::jsonb) AS e (revision integer, id text, how text, name text, edit jsonb, inverse jsonb)`,
    [bedId, JSON.stringify(rows)],
  )
}

const SNAPSHOT_EVERY = 25

/** Keeps the whole of a bed when enough has been edited since the last time. */
export async function keepSnapshot(tx: Queryable, bedId: string, revision: number, bed: Bed): Promise<void> {
  await tx.query(
    `INSERT INTO bed_snapshot (bed_id, revision, value) SELECT $1, $2, $3::jsonb
     WHERE $2 - coalesce((SELECT max(revision) FROM bed_snapshot WHERE bed_id = $1), 0) >= $4`,
    [bedId, revision, JSON.stringify(bed), SNAPSHOT_EVERY],
  )
}

interface EditRow {
  readonly id: string
  readonly revision: number
  readonly at: Date | string
  readonly how: HistoryEntry['how']
  readonly name: string
  readonly edit: Edit
  readonly inverse: Edit
}

/** What was done to a bed, newest first: those before a revision, so many at a time. */
export async function listHistory(
  db: Queryable,
  bedId: string,
  before: number,
  most: number,
): Promise<HistoryEntry[]> {
  const rows = await db.query<EditRow>(
    'SELECT id, revision, at, how, name FROM bed_edit WHERE bed_id = $1 AND revision < $2 ORDER BY revision DESC LIMIT $3',
    [bedId, before, most],
  )
  return rows.map(({ id, revision, at, how, name }) => ({
    id,
    revision,
    how,
    name,
    at: new Date(at).toISOString(),
  }))
}

/** The latest steps, oldest first, with what takes each back. */
export async function latestSteps(db: Queryable, bedId: string, most: number): Promise<HistoryStep[]> {
  const rows = await db.query<EditRow>(
    'SELECT how, name, inverse FROM bed_edit WHERE bed_id = $1 ORDER BY revision DESC LIMIT $2',
    [bedId, most],
  )
  return rows.reverse().map(({ how, name, inverse }) => ({ how, name, inverse }))
}

/** The nearest whole bed kept at or before a revision, and the edits from it on; null when there is none so early. */
export async function bedBefore(
  db: Queryable,
  bedId: string,
  revision: number,
): Promise<{ readonly bed: Bed; readonly edits: readonly Edit[] } | null> {
  const [snapshot] = await db.query<{ revision: number; value: unknown }>(
    'SELECT revision, value FROM bed_snapshot WHERE bed_id = $1 AND revision <= $2 ORDER BY revision DESC LIMIT 1',
    [bedId, revision],
  )
  if (!snapshot) return null
  const rows = await db.query<EditRow>(
    'SELECT edit FROM bed_edit WHERE bed_id = $1 AND revision > $2 AND revision <= $3 ORDER BY revision',
    [bedId, snapshot.revision, revision],
  )
  return { bed: bedSchema.parse(snapshot.value), edits: rows.map((r) => r.edit) }
}
