import { computed, ref, shallowRef, type ComputedRef } from 'vue'
import type { SavedAnswer } from '../../shared/answers'
import { newId } from '../utils/newId'
import { dropUnsaved, keepUnsaved, readUnsaved, type Unsaved } from '../utils/unsaved'
import { createEditSteps, type How, type Step } from './editSteps'
import { createJoining } from './joining'
import { createSaver, type Parcel, type PendingEdit } from './saver'
import type { Check, Held, Kind, Opened } from './held'

const nothingHeld = <T, E>(): Held<T, E> => ({
  ...{ id: ref<string | null>(null), kept: shallowRef<T | null>(null), draft: shallowRef<T | null>(null) },
  ...{ base: shallowRef<T | null>(null), revision: ref(0), pending: shallowRef<readonly PendingEdit<E>[]>([]) },
})

/** The check of what is kept, fetched when it is first needed. */
function createCheck<T, E>(kind: Kind<T, E>) {
  let check: Check<T> | null = null
  const readCheck = async () => (check ??= await kind.check())
  const reads = (value: T) => check?.(value) != null
  /** A save that fails may want joining, which goes on in one step: its check is fetched first. */
  async function put(sent: Parcel<T, E>): Promise<SavedAnswer> {
    try {
      return await kind.put(sent)
    } catch (error) {
      await readCheck().catch(() => null)
      throw error
    }
  }
  return { readCheck, reads, put }
}

/**
 * Keeps one stored thing while it is edited: previews, edits with undo and redo, saving by itself, retry, changes made elsewhere, and
 * conflicts.
 */
export function createKeeper<T, S extends Opened<T, E>, E>(kind: Kind<T, E>) {
  const held = nothingHeld<T, E>()
  const { id, kept, draft, base, revision, pending } = held
  const value: ComputedRef<T | null> = computed(() => draft.value ?? kept.value)
  const dragging = computed(() => draft.value !== null)
  const steps = createEditSteps<E>()

  const { readCheck, reads, put } = createCheck(kind)
  const parcel = (): Parcel<T, E> | null =>
    id.value && kept.value !== null && pending.value.length > 0
      ? { id: id.value, revision: revision.value, value: kept.value, edits: pending.value }
      : null
  const onStale = (theirs: S): boolean => joining.join(theirs)
  const saver = createSaver<T, S, E>({ put, parcel, onSaved, onStale })
  const joining = createJoining(kind, held, { steps, saver, keepCopy, readCheck, reads })

  function onSaved(sent: Parcel<T, E>, answer: SavedAnswer) {
    if (id.value !== sent.id) return
    revision.value = answer.revision
    base.value = sent.value
    pending.value = pending.value.slice(sent.edits.length)
    keepCopy()
  }

  /** What is not saved lies in the browser's storage until it is. */
  function keepCopy() {
    if (!id.value || kept.value === null) return
    if (pending.value.length === 0) dropUnsaved(kind.key(id.value))
    else
      keepUnsaved(kind.key(id.value), {
        revision: revision.value,
        value: kept.value,
        edits: pending.value,
        base: base.value,
      })
  }

  /** Whether what is open has changes of its own and must not be replaced by what is stored. */
  const holds = (wanted: string) => id.value === wanted && kept.value !== null && saver.state.value !== 'saved'

  /** Takes what is stored as the thing to work on, and brings back what an earlier visit could not save. */
  async function open(stored: S) {
    if (id.value !== stored.id || revision.value !== stored.revision || kept.value === null) {
      steps.clear()
      for (const step of stored.steps ?? []) steps.note(step.how, step)
      take(stored)
      id.value = stored.id
    }
    if (typeof localStorage === 'undefined') return
    const unsaved = readUnsaved(kind.key(stored.id))
    if (!unsaved) return
    const read = await readCheck()
    const mine = read(unsaved.value)
    if (mine !== null && id.value === stored.id) bringBack(unsaved, mine, read(unsaved.base))
  }

  /** The server knows by their ids which of the edits it has already; what is stale it refuses, and the user is asked. */
  function bringBack(unsaved: Unsaved, mine: T, before: T | null) {
    const edit = kind.replace(mine)
    const { inverse } = kind.apply(kept.value!, edit)
    steps.note('edit', { name: kind.describe(edit), inverse })
    kept.value = mine
    base.value = unsaved.revision === revision.value ? base.value : before
    revision.value = unsaved.revision
    pending.value = unsaved.edits ? (unsaved.edits as PendingEdit<E>[]) : [{ id: newId(), how: 'edit', edit }]
    saver.touch()
  }

  function take(stored: S) {
    kept.value = stored.value
    base.value = stored.value
    draft.value = null
    revision.value = stored.revision
    pending.value = []
    saver.rest(stored.savedAt)
  }

  function make(how: How, edit: E, name: string) {
    if (kept.value === null) return
    const { value: after, inverse } = kind.apply(kept.value, edit)
    draft.value = null
    if (after === kept.value && how === 'edit') return
    steps.note(how, { name, inverse })
    kept.value = after
    pending.value = [...pending.value, { id: newId(), how, edit }]
    keepCopy()
    saver.touch()
  }

  const edit = (change: E) => make('edit', change, kind.describe(change))

  /** Shows an edit under the hand without making it; null lets go. */
  function preview(change: E | null) {
    draft.value = change && kept.value !== null ? kind.apply(kept.value, change).value : null
  }

  const walk = (how: 'undo' | 'redo', step: Step<E> | undefined) => step && make(how, step.inverse, step.name)
  const undo = () => walk('undo', steps.done.value[steps.done.value.length - 1])
  const redo = () => walk('redo', steps.undone.value[steps.undone.value.length - 1])

  const { state: saveState, problem, savedAt, conflict, save } = saver
  const { done, undone } = steps
  const { meetings, hear, settleConflict } = joining
  const seen = {
    ...{ id, value, kept, dragging, revision, savedAt, saveState, problem },
    ...{ conflict, meetings, done, undone },
  }
  return { ...seen, holds, open, hear, edit, preview, undo, redo, save, settleConflict }
}
