import { computed } from 'vue'
import { mergeParts, same, type Choose, type Merged, type Side } from '../../core/merge'
import { newId } from '../utils/newId'
import type { EditSteps } from './editSteps'
import type { Opened, Held, Kind } from './held'
import type { Saver } from './saver'

/** What joining works with beside what is held. */
interface Beside<T, S, E> {
  readonly steps: EditSteps<E>
  readonly saver: Saver<S>
  readonly keepCopy: () => void
  /** Fetches what `reads` goes by. */
  readonly readCheck: () => Promise<unknown>
  /** Whether a joined value is one that can be stored. */
  readonly reads: (value: T) => boolean
}

/** Joins what others saved with what is held and not saved yet; asks only where both changed the same. */
export function createJoining<T, S extends Opened<T, E>, E>(
  kind: Kind<T, E>,
  held: Held<T, E>,
  { steps, saver, keepCopy, readCheck, reads }: Beside<T, S, E>,
) {
  const { id, kept, draft, base, revision, pending } = held
  const merge = kind.merge ?? mergeParts<T>
  /** This version and one saved elsewhere, with what both changed; parts that only one changed are taken from it. */
  const merged = (theirs: S, choose?: Choose): Merged<T> =>
    merge(base.value ?? (undefined as T), kept.value!, theirs.value, choose)

  /** Joins what is unsaved with a newer version; false when both changed the same, or the whole does not fit together. */
  function join(theirs: S): boolean {
    if (theirs.id !== id.value || kept.value === null || base.value === null) return false
    const { value: joined, meetings } = merged(theirs)
    if (meetings.length > 0 || !reads(joined)) return false
    goOn(theirs, joined)
    return true
  }

  /** Goes on with `joined` on top of what is stored; the edits that lead there are the pending ones when they still do. */
  function goOn(theirs: S, joined: T) {
    const from = base.value
    const meant = (edit: E) => (from === null ? edit : kind.rebase(edit, from, theirs.value))
    steps.rewrite(meant)
    const again = pending.value.map((p) => ({ ...p, id: newId(), edit: meant(p.edit) }))
    const led = again.reduce((value, p) => kind.apply(value, p.edit).value, theirs.value)
    pending.value = same(led, joined) ? again : [{ id: newId(), how: 'edit', edit: kind.replace(joined) }]
    if (same(joined, theirs.value)) pending.value = []
    kept.value = joined
    base.value = theirs.value
    revision.value = theirs.revision
    keepCopy()
  }

  /** Takes what was saved elsewhere in the meantime: joined with what is unsaved here, or asked about where both changed the same. */
  async function hear(stored: () => Promise<S>) {
    const heard = id.value
    if (!heard) return
    await saver.rested()
    const [theirs] = await Promise.all([stored(), readCheck()])
    await saver.rested()
    if (id.value !== heard || theirs.id !== heard || theirs.revision <= revision.value) return
    if (saver.state.value === 'conflict' || !join(theirs)) return saver.clash(theirs)
    if (pending.value.length === 0) saver.rest(theirs.savedAt)
    else saver.touch()
  }

  /** What both versions of a conflict changed, part by part; empty when only the whole does not fit together. */
  const meetings = computed(() =>
    saver.conflict.value && kept.value !== null ? merged(saver.conflict.value).meetings : [],
  )

  /**
   * Ends a conflict: for each part that both changed, `choose` says whose goes on; this version is a step of undo. False when the parts do
   * not fit together: then one side is taken whole.
   */
  function settleConflict(choose: Choose | Side): boolean {
    const theirs = saver.conflict.value
    const mine = kept.value
    if (!theirs || mine === null || !id.value) return false
    const wholly = choose === 'mine' ? mine : theirs.value
    const settled = typeof choose === 'string' ? wholly : merged(theirs, choose).value
    if (typeof choose !== 'string' && !reads(settled)) return false
    goOn(theirs, settled)
    if (!same(settled, mine))
      steps.note('edit', { name: 'settle with the other version', inverse: kind.replace(mine) })
    draft.value = null
    if (pending.value.length === 0) saver.rest(theirs.savedAt)
    else {
      saver.settle()
      void saver.save()
    }
    return true
  }

  return { join, hear, meetings, settleConflict }
}
