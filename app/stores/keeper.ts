import { computed, ref, shallowRef, type ComputedRef, type ShallowRef } from 'vue'
import type { Stored } from '../../shared/gardenSchema'
import type { SavedAnswer } from '../../shared/wire'
import { newId } from '../utils/newId'
import { dropUnsaved, keepUnsaved, readUnsaved, type Unsaved } from '../utils/unsaved'
import { createEditSteps, type How, type Step } from './editSteps'
import { createSaver, type Parcel, type PendingEdit } from './saver'

/** What a keeper must know of the thing it keeps. */
export interface Kind<T, E> {
  /** Key of what is unsaved in the browser's storage. */
  readonly key: (id: string) => string
  readonly put: (parcel: Parcel<T, E>) => Promise<SavedAnswer>
  readonly apply: (value: T, edit: E) => { readonly value: T; readonly inverse: E }
  readonly describe: (edit: E) => string
  readonly replace: (value: T) => E
  /** Checks what was kept in the browser; null when it does not read any more. */
  readonly parse: (value: unknown) => T | null
}

/** What is opened: stored, with the steps that led to it when they are known. */
export type Opened<T, E> = Stored<T> & { readonly steps?: readonly (Step<E> & { readonly how: How })[] }

/** Keeps one stored thing while it is edited: previews, edits with undo and redo, saving by itself, retry, and conflicts. */
export function createKeeper<T, S extends Opened<T, E>, E>(kind: Kind<T, E>) {
  const id = ref<string | null>(null)
  /** As last edited. */
  const kept: ShallowRef<T | null> = shallowRef(null)
  /** A change under the hand, not yet made. */
  const draft: ShallowRef<T | null> = shallowRef(null)
  const value: ComputedRef<T | null> = computed(() => draft.value ?? kept.value)
  const dragging = computed(() => draft.value !== null)
  const revision = ref(0)
  const steps = createEditSteps<E>()
  let pending: readonly PendingEdit<E>[] = []

  const parcel = (): Parcel<T, E> | null =>
    id.value && kept.value !== null && pending.length > 0
      ? { id: id.value, revision: revision.value, value: kept.value, edits: pending }
      : null
  const saver = createSaver<T, S, E>({ put: kind.put, parcel, onSaved })

  function onSaved(sent: Parcel<T, E>, answer: SavedAnswer) {
    if (id.value !== sent.id) return
    revision.value = answer.revision
    pending = pending.slice(sent.edits.length)
    keepCopy()
  }

  /** What is not saved lies in the browser's storage until it is. */
  function keepCopy() {
    if (!id.value || kept.value === null) return
    if (pending.length === 0) dropUnsaved(kind.key(id.value))
    else keepUnsaved(kind.key(id.value), { revision: revision.value, value: kept.value, edits: pending })
  }

  /** Whether what is open has changes of its own and must not be replaced by what is stored. */
  const holds = (wanted: string) => id.value === wanted && kept.value !== null && saver.state.value !== 'saved'

  /** Takes what is stored as the thing to work on, and brings back what an earlier visit could not save. */
  function open(stored: S) {
    if (id.value !== stored.id || revision.value !== stored.revision || kept.value === null) {
      steps.clear()
      for (const step of stored.steps ?? []) steps.note(step.how, step)
      take(stored)
      id.value = stored.id
    }
    if (typeof localStorage === 'undefined') return
    const unsaved = readUnsaved(kind.key(stored.id))
    const mine = unsaved && kind.parse(unsaved.value)
    if (unsaved && mine !== null) bringBack(unsaved, mine)
  }

  /** The server knows by their ids which of the edits it has already; what is stale it refuses, and the user is asked. */
  function bringBack(unsaved: Unsaved, mine: T) {
    const edit = kind.replace(mine)
    const { inverse } = kind.apply(kept.value!, edit)
    steps.note('edit', { name: kind.describe(edit), inverse })
    kept.value = mine
    revision.value = unsaved.revision
    pending = unsaved.edits ? (unsaved.edits as PendingEdit<E>[]) : [{ id: newId(), how: 'edit', edit }]
    saver.touch()
  }

  function take(stored: S) {
    kept.value = stored.value
    draft.value = null
    revision.value = stored.revision
    pending = []
    saver.rest(stored.savedAt)
  }

  function make(how: How, edit: E, name: string) {
    if (kept.value === null) return
    const { value: after, inverse } = kind.apply(kept.value, edit)
    draft.value = null
    if (after === kept.value && how === 'edit') return
    steps.note(how, { name, inverse })
    kept.value = after
    pending = [...pending, { id: newId(), how, edit }]
    keepCopy()
    saver.touch()
  }

  const edit = (change: E) => make('edit', change, kind.describe(change))

  /** Shows an edit under the hand without making it; null lets go. */
  function preview(change: E | null) {
    draft.value = change && kept.value !== null ? kind.apply(kept.value, change).value : null
  }

  const last = (list: readonly Step<E>[]) => list[list.length - 1]
  const undo = () => {
    const step = last(steps.done.value)
    if (step) make('undo', step.inverse, step.name)
  }
  const redo = () => {
    const step = last(steps.undone.value)
    if (step) make('redo', step.inverse, step.name)
  }

  /** Ends a conflict: this tab's version is saved over the other, or the other is taken (and this one can be brought back by undo). */
  function settleConflict(which: 'mine' | 'theirs') {
    const theirs = saver.conflict.value
    const mine = kept.value
    if (!theirs || mine === null || !id.value) return
    if (which === 'mine') {
      revision.value = theirs.revision
      pending = [{ id: newId(), how: 'edit', edit: kind.replace(mine) }]
      keepCopy()
      saver.settle()
      void saver.save()
      return
    }
    steps.note('edit', { name: 'take the other version', inverse: kind.replace(mine) })
    take(theirs)
    keepCopy()
  }

  const { state: saveState, problem, savedAt, conflict, save } = saver
  const { done, undone } = steps
  const seen = { id, value, kept, dragging, revision, savedAt, saveState, problem, conflict, done, undone }
  return { ...seen, holds, open, edit, preview, undo, redo, save, settleConflict }
}
