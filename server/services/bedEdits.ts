import type { Bed } from '../../core/bed'
import { applyEdit, describeEdit } from '../../core/edit'
import { bedSchema } from '../../shared/bedSchema'
import { describeIssues, type SavedAnswer, type SentEdit, type StoredBed } from '../../shared/wire'
import type { Db, Queryable } from '../db/Db'
import { bedBefore, editsSince, insertEdits, keepSnapshot, type KeptEdit } from '../db/queries/bedHistory'
import { lockBed, writeBed } from '../db/queries/beds'

/** What became of a save: done, not on the newest revision, not a bed any more, or no such bed. */
export type Saved =
  | { readonly kind: 'saved'; readonly answer: SavedAnswer }
  | { readonly kind: 'stale'; readonly stored: StoredBed }
  | { readonly kind: 'unfit'; readonly reason: string }
  | { readonly kind: 'missing' }

/**
 * Applies edits to a bed on the revision they start from, all of them or none. Those that are kept already (an answer was lost on its way,
 * and they came again) are not applied twice, and are no conflict.
 */
export const saveEdits = (db: Db, id: string, revision: number, sent: readonly SentEdit[]): Promise<Saved> =>
  db.transaction((tx) => saveIn(tx, id, revision, sent))

async function saveIn(tx: Queryable, id: string, revision: number, sent: readonly SentEdit[]): Promise<Saved> {
  const stored = await lockBed(tx, id)
  if (!stored) return { kind: 'missing' }
  const since = await editsSince(tx, id, revision)
  const isOurs = stored.revision === revision + since.length && since.every((known, i) => sent[i]?.id === known)
  if (!isOurs) return { kind: 'stale', stored }
  const fresh = sent.slice(since.length)
  if (fresh.length === 0) return { kind: 'saved', answer: { revision: stored.revision, savedAt: stored.savedAt } }
  const { bed, kept } = applyAll(stored.value, fresh)
  const checked = bedSchema.safeParse(bed)
  if (!checked.success) return { kind: 'unfit', reason: describeIssues(checked.error) }
  await insertEdits(tx, id, stored.revision, kept)
  const answer = await writeBed(tx, id, stored.revision + kept.length, checked.data)
  await keepSnapshot(tx, id, answer.revision, checked.data)
  return { kind: 'saved', answer }
}

function applyAll(bed: Bed, edits: readonly SentEdit[]): { bed: Bed; kept: KeptEdit[] } {
  let now = bed
  const kept = edits.map((sent): KeptEdit => {
    const done = applyEdit(now, sent.edit)
    now = done.bed
    return { ...sent, name: describeEdit(sent.edit), inverse: done.inverse }
  })
  return { bed: now, kept }
}

/** A bed as it was at a revision; null when that lies before its history or never was. */
export async function bedAt(db: Queryable, id: string, revision: number): Promise<Bed | null> {
  const before = await bedBefore(db, id, revision)
  return before ? before.edits.reduce((bed, edit) => applyEdit(bed, edit).bed, before.bed) : null
}
