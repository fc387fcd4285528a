import type { ShareInfo, ShareNote } from '../../../shared/answers'
import type { Queryable } from '../Db'

export interface Share {
  readonly id: string
  readonly gardenId: string
  readonly name: string
  readonly word: string | null
  readonly ends: string
  readonly schedule: boolean
  readonly papers: boolean
}
const COLUMNS = `id, garden_id AS "gardenId", name, word, to_char(ends, 'YYYY-MM-DD') AS ends, schedule, papers`

export async function insertShare(tx: Queryable, share: Share, link: string): Promise<void> {
  const { id, gardenId, name, word, ends, schedule, papers } = share
  await tx.query(
    'INSERT INTO share (id, garden_id, link, name, word, ends, schedule, papers) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)',
    [id, gardenId, link, name, word, ends, schedule, papers],
  )
}

/** The share behind a link that holds today: not revoked, not ended, of a garden that is there. */
export async function findShare(db: Queryable, link: string, today: string): Promise<Share | null> {
  const [share] = await db.query<Share>(
    `SELECT ${COLUMNS} FROM share WHERE link = $1 AND revoked_at IS NULL AND ends >= $2::date
       AND garden_id IN (SELECT id FROM garden WHERE removed_at IS NULL)`,
    [link, today],
  )
  return share ?? null
}

/** The links of a garden, newest first. */
export async function listShares(db: Queryable, gardenId: string): Promise<ShareInfo[]> {
  const rows = await db.query<Share & { readonly made_at: Date | string; readonly revoked: boolean }>(
    `SELECT ${COLUMNS}, made_at, revoked_at IS NOT NULL AS revoked FROM share WHERE garden_id = $1 ORDER BY made_at DESC, id`,
    [gardenId],
  )
  return rows.map(({ id, name, ends, word, schedule, papers, made_at: madeAt, revoked }) => ({
    ...{ id, name, ends, schedule, papers, revoked },
    hasWord: word !== null,
    madeAt: new Date(madeAt).toISOString(),
  }))
}

export async function revokeShare(tx: Queryable, gardenId: string, id: string): Promise<boolean> {
  const rows = await tx.query('UPDATE share SET revoked_at = now() WHERE id = $1 AND garden_id = $2 RETURNING id', [
    id,
    gardenId,
  ])
  return rows.length > 0
}

type Kept = Omit<ShareNote, 'at' | 'settled'>

/** Keeps a note; false when the bed is not of the share's garden, or what it answers is not of the share. */
export async function insertNote(tx: Queryable, note: Kept): Promise<boolean> {
  const { id, shareId, bedId, revision, alongM, kind, who, said, answers } = note
  const rows = await tx.query(
    `INSERT INTO share_note (id, share_id, bed_id, revision, along_m, kind, who, said, answers)
     SELECT $1, s.id, b.id, $4, $5::double precision, $6, $7, $8, $9 FROM share s
     JOIN bed b ON b.garden_id = s.garden_id AND b.id = $3 AND b.removed_at IS NULL
     WHERE s.id = $2 AND ($9::text IS NULL OR EXISTS (SELECT 1 FROM share_note n WHERE n.id = $9 AND n.share_id = s.id))
     RETURNING id`,
    [id, shareId, bedId, revision, alongM, kind, who, said, answers],
  )
  return rows.length > 0
}

const NOTE = `n.id, n.share_id AS "shareId", n.bed_id AS "bedId", n.revision, n.along_m AS "alongM", n.kind, n.who, n.said, n.answers,
  n.settled, n.at`
const plain = (n: ShareNote): ShareNote => ({ ...n, at: new Date(n.at).toISOString() })

/** What was said over one link, oldest first. */
export const notesOfShare = async (db: Queryable, shareId: string): Promise<ShareNote[]> =>
  (
    await db.query<ShareNote>(`SELECT ${NOTE} FROM share_note n WHERE n.share_id = $1 ORDER BY n.at, n.id`, [
      shareId,
    ])
  ).map(plain)

/** What was said over all links of a garden, oldest first. */
export const notesOfGarden = async (db: Queryable, gardenId: string): Promise<ShareNote[]> =>
  (
    await db.query<ShareNote>(
      `SELECT ${NOTE} FROM share_note n JOIN share s ON s.id = n.share_id WHERE s.garden_id = $1 ORDER BY n.at, n.id`,
      [gardenId],
    )
  ).map(plain)

export async function findNote(db: Queryable, gardenId: string, id: string): Promise<ShareNote | null> {
  const [note] = await db.query<ShareNote>(
    `SELECT ${NOTE} FROM share_note n JOIN share s ON s.id = n.share_id WHERE n.id = $1 AND s.garden_id = $2`,
    [id, gardenId],
  )
  return note ? plain(note) : null
}

export async function settleNote(tx: Queryable, gardenId: string, id: string, settled: boolean): Promise<boolean> {
  const rows = await tx.query(
    `UPDATE share_note SET settled = $3 WHERE id = $1 AND share_id IN (SELECT id FROM share WHERE garden_id = $2) RETURNING id`,
    [id, gardenId, settled],
  )
  return rows.length > 0
}
