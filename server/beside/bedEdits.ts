import type { Bed } from '../../core/model'
import type { SentEdit } from '../../shared/wire'
import type { SavedAnswer, StoredBed } from '../../shared/answers'
import { beside } from './beside'
import type { Db, Queryable } from '../db/Db'
import { bedBefore, editsSince, insertEdits, keepSnapshot } from '../db/queries/bedHistory'
import { findBed, lockBed, lockRevision, writeBed } from '../db/queries/beds'
import { earlierBed, editBed, type EditedBed } from '../services/editBed'

/** What became of a save: done, not on the newest revision, not a bed any more, or no such bed. */
type Saved =
  | { readonly kind: 'saved'; readonly answer: SavedAnswer }
  | { readonly kind: 'stale'; readonly stored: StoredBed }
  | { readonly kind: 'unfit'; readonly reason: string }
  | { readonly kind: 'missing' }

/**
 * Applies edits to a bed on the revision they start from, all of them or none. Those that are kept already (an answer was lost on its way,
 * and they came again) are not applied twice, and are no conflict.
 */
export const saveEdits = (db: Db, id: string, revision: number, sent: readonly SentEdit[]): Promise<Saved> =>
  db.transaction(async (tx) => {
    const at = await beginAt(tx, await lockBed(tx, id), revision, sent)
    if ('kind' in at) return at
    const { stored, fresh } = at
    const edited = editBed(stored.value, stored.revision, fresh)
    return edited.ok ? write(tx, stored, fresh.length, edited.value) : { kind: 'unfit', reason: edited.error }
  })

/** The same for many edits, which are applied beside the server: the bed is locked only to be written, and nobody waits meanwhile. */
export async function saveManyEdits(
  db: Db,
  id: string,
  revision: number,
  sent: readonly SentEdit[],
  gone?: AbortSignal,
): Promise<Saved> {
  for (;;) {
    const at = await beginAt(db, await findBed(db, id), revision, sent)
    if ('kind' in at) return at
    const { stored, fresh } = at
    const edited = await beside('edit', { bed: stored.value, revision: stored.revision, edits: fresh }, gone)
    if (!edited.ok) return { kind: 'unfit', reason: edited.error }
    const saved = await db.transaction(async (tx) =>
      (await lockRevision(tx, id)) === stored.revision ? write(tx, stored, fresh.length, edited.value) : null,
    )
    // Somebody saved in between: what that means for these is found out from the beginning.
    if (saved) return saved
  }
}

interface Begin {
  readonly stored: StoredBed
  /** Edits that are not kept yet. */
  readonly fresh: readonly SentEdit[]
}
async function beginAt(
  db: Queryable,
  stored: StoredBed | null,
  revision: number,
  sent: readonly SentEdit[],
): Promise<Begin | Saved> {
  if (!stored) return { kind: 'missing' }
  const since = await editsSince(db, stored.id, revision)
  const isOurs = stored.revision === revision + since.length && since.every((known, i) => sent[i]?.id === known)
  if (!isOurs) return { kind: 'stale', stored }
  const fresh = sent.slice(since.length)
  if (fresh.length > 0) return { stored, fresh }
  return { kind: 'saved', answer: { revision: stored.revision, savedAt: stored.savedAt } }
}

async function write(tx: Queryable, { id, revision }: StoredBed, edits: number, bed: EditedBed): Promise<Saved> {
  await insertEdits(tx, id, bed.rows)
  const answer = await writeBed(tx, id, revision + edits, bed)
  await keepSnapshot(tx, id, answer.revision, bed.value)
  return { kind: 'saved', answer }
}

/** More than this is read beside the server, letters. */
const READ_HERE = 200_000

/** A bed as it was at a revision; null when that lies before its history or never was. */
export async function bedAt(db: Queryable, id: string, revision: number): Promise<Bed | null> {
  const before = await bedBefore(db, id, revision)
  if (!before) return null
  const length = before.edits.reduce((n, e) => n + e.length, before.bed.length)
  if (length <= READ_HERE) return earlierBed(before)
  const read = await beside('earlierBed', before)
  if (!read.ok) throw new Error(read.error)
  return read.value
}
