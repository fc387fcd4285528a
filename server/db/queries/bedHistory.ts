import type { Edit } from '../../../core/edit'
import type { HistoryEntry, HistoryStep } from '../../../shared/answers'
import type { Queryable } from '../Db'

/** Ids of the edits that led from one revision of a bed to the newest, in their order. */
export async function editsSince(tx: Queryable, bedId: string, revision: number): Promise<string[]> {
  const rows = await tx.query<{ id: string }>(
    'SELECT id FROM bed_edit WHERE bed_id = $1 AND revision > $2 ORDER BY revision',
    [bedId, revision],
  )
  return rows.map((r) => r.id)
}

/** Keeps edits of a bed: rows with revision, id, how, name, edit and inverse, as one JSON text. */
export async function insertEdits(tx: Queryable, bedId: string, rows: string): Promise<void> {
  await tx.query(
    `INSERT INTO bed_edit (bed_id, revision, id, how, name, edit, inverse) SELECT $1, e.revision, e.id, e.how, e.name, e.edit, e.inverse
     FROM jsonb_to_recordset($2::jsonb) AS e (revision integer, id text, how text, name text, edit jsonb, inverse jsonb)`,
    [bedId, rows],
  )
}

const SNAPSHOT_EVERY = 25

/** Keeps the whole of a bed, a JSON text, when enough has been edited since the last time. */
export async function keepSnapshot(tx: Queryable, bedId: string, revision: number, bed: string): Promise<void> {
  await tx.query(
    `INSERT INTO bed_snapshot (bed_id, revision, value) SELECT $1, $2, $3::jsonb
     WHERE $2 - coalesce((SELECT max(revision) FROM bed_snapshot WHERE bed_id = $1), 0) >= $4`,
    [bedId, revision, bed, SNAPSHOT_EVERY],
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

/** Steps are brought along as long as they are no more than this together, bytes as they are stored and letters as they are sent. */
const STORED_STEPS = 300_000
const SENT_STEPS = 1_500_000

/** The latest steps, oldest first, with what takes each back: so many at most, fewer where they are large. */
export async function latestSteps(db: Queryable, bedId: string, most: number): Promise<HistoryStep[]> {
  const rows = await db.query<EditRow>(
    `SELECT how, name, inverse FROM (
       SELECT revision, how, name, inverse, sum(octet_length(inverse::text)) OVER (ORDER BY revision DESC) AS sent FROM (
         SELECT revision, how, name, inverse, sum(pg_column_size(inverse)) OVER (ORDER BY revision DESC) AS stored
         FROM (SELECT * FROM bed_edit WHERE bed_id = $1 ORDER BY revision DESC LIMIT $2) AS latest) AS small
       WHERE stored <= $3) AS light
     WHERE sent <= $4 ORDER BY revision`,
    [bedId, most, STORED_STEPS, SENT_STEPS],
  )
  return rows.map(({ how, name, inverse }) => ({ how, name, inverse }))
}

/** The nearest whole bed kept at or before a revision, and the edits from it on, JSON texts; null when there is none so early. */
export async function bedBefore(
  db: Queryable,
  bedId: string,
  revision: number,
): Promise<{ readonly bed: string; readonly edits: readonly string[] } | null> {
  const [snapshot] = await db.query<{ revision: number; value: string }>(
    `SELECT revision, value::text AS value FROM bed_snapshot
     WHERE bed_id = $1 AND revision <= $2 ORDER BY revision DESC LIMIT 1`,
    [bedId, revision],
  )
  if (!snapshot) return null
  const rows = await db.query<{ edit: string }>(
    'SELECT edit::text AS edit FROM bed_edit WHERE bed_id = $1 AND revision > $2 AND revision <= $3 ORDER BY revision',
    [bedId, snapshot.revision, revision],
  )
  return { bed: snapshot.value, edits: rows.map((r) => r.edit) }
}
