import { computed, ref, shallowRef, type ComputedRef, type ShallowRef } from 'vue'
import type { Stored } from '../../shared/gardenSchema'
import type { SavedAnswer } from '../../shared/wire'
import { dataOf, messageOf, statusOf } from '../utils/messageOf'
import { dropUnsaved, keepUnsaved, readUnsaved } from '../utils/unsaved'

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict' | 'refused'

const SAVE_AFTER_MS = 450
const RETRY_MS = [1000, 2000, 4000, 8000, 15000]

interface Step<E> {
  readonly name: string
  readonly inverse: E
}

/** What a keeper must know of the thing it keeps. */
export interface Kind<T, E> {
  /** Key of what is unsaved in the browser's storage. */
  readonly key: (id: string) => string
  readonly put: (id: string, revision: number, value: T) => Promise<SavedAnswer>
  readonly apply: (value: T, edit: E) => { readonly value: T; readonly inverse: E }
  readonly describe: (edit: E) => string
  readonly replace: (value: T) => E
  /** Checks what was kept in the browser; null when it does not read any more. */
  readonly parse: (value: unknown) => T | null
}

/** Keeps one stored thing while it is edited: previews, edits with undo and redo, saving by itself, retry, and conflicts. */
export function createKeeper<T, S extends Stored<T>, E>(kind: Kind<T, E>) {
  const id = ref<string | null>(null)
  /** As last edited. */
  const kept: ShallowRef<T | null> = shallowRef(null)
  /** A change under the hand, not yet made. */
  const draft: ShallowRef<T | null> = shallowRef(null)
  const value: ComputedRef<T | null> = computed(() => draft.value ?? kept.value)
  const dragging = computed(() => draft.value !== null)
  const revision = ref(0)
  const savedAt = ref<string | null>(null)
  const saveState = ref<SaveState>('saved')
  const problem = ref('')
  const conflict: ShallowRef<S | null> = shallowRef(null)
  const done = shallowRef<readonly Step<E>[]>([])
  const undone = shallowRef<readonly Step<E>[]>([])
  let timer: ReturnType<typeof setTimeout> | undefined
  let tries = 0
  let running: Promise<void> | null = null

  /** Whether what is open has changes of its own and must not be replaced by what is stored. */
  const holds = (wanted: string) => id.value === wanted && kept.value !== null && saveState.value !== 'saved'

  /** Takes what is stored as the thing to work on, and brings back what an earlier visit could not save. */
  function open(stored: S) {
    if (id.value !== stored.id || revision.value !== stored.revision || !kept.value) {
      done.value = []
      undone.value = []
      take(stored)
      id.value = stored.id
    }
    if (typeof localStorage === 'undefined') return
    const unsaved = readUnsaved(kind.key(stored.id))
    const mine = unsaved && kind.parse(unsaved.value)
    if (!unsaved || !mine) return
    edit(kind.replace(mine))
    if (unsaved.revision !== stored.revision) {
      clearTimeout(timer)
      saveState.value = 'conflict'
      conflict.value = stored
    }
  }

  function take(stored: S) {
    kept.value = stored.value
    draft.value = null
    revision.value = stored.revision
    savedAt.value = stored.savedAt
    saveState.value = 'saved'
    conflict.value = null
    problem.value = ''
  }

  function edit(change: E) {
    if (kept.value === null) return
    const { value: after, inverse } = kind.apply(kept.value, change)
    draft.value = null
    if (after === kept.value) return
    done.value = [...done.value, { name: kind.describe(change), inverse }]
    undone.value = []
    changed(after)
  }

  /** Shows an edit under the hand without making it; null lets go. */
  function preview(change: E | null) {
    draft.value = change && kept.value !== null ? kind.apply(kept.value, change).value : null
  }

  function step(from: typeof done, to: typeof undone) {
    const last = from.value[from.value.length - 1]
    if (!last || kept.value === null) return
    const { value: after, inverse } = kind.apply(kept.value, last.inverse)
    from.value = from.value.slice(0, -1)
    to.value = [...to.value, { name: last.name, inverse }]
    draft.value = null
    changed(after)
  }
  const undo = () => step(done, undone)
  const redo = () => step(undone, done)

  function changed(after: T) {
    kept.value = after
    if (id.value) keepUnsaved(kind.key(id.value), { revision: revision.value, value: after })
    if (saveState.value === 'conflict') return
    if (saveState.value !== 'saving') saveState.value = 'waiting'
    saveIn(SAVE_AFTER_MS)
  }

  function saveIn(ms: number) {
    clearTimeout(timer)
    timer = setTimeout(() => {
      void save()
    }, ms)
  }

  /** Saves now what has not been saved; resolves when the server has answered. */
  async function save(): Promise<void> {
    clearTimeout(timer)
    if (running) await running
    if (!id.value || kept.value === null || saveState.value === 'saved' || saveState.value === 'conflict') return
    running = send(id.value, kept.value).finally(() => {
      running = null
    })
    await running
  }

  async function send(sentId: string, sent: T) {
    saveState.value = 'saving'
    try {
      const answer = await kind.put(sentId, revision.value, sent)
      if (id.value !== sentId) return
      tries = 0
      problem.value = ''
      revision.value = answer.revision
      savedAt.value = answer.savedAt
      if (kept.value === sent) {
        saveState.value = 'saved'
        dropUnsaved(kind.key(sentId))
      } else {
        saveState.value = 'waiting'
        if (kept.value !== null) keepUnsaved(kind.key(sentId), { revision: answer.revision, value: kept.value })
        saveIn(SAVE_AFTER_MS)
      }
    } catch (error) {
      if (id.value === sentId) failed(error)
    }
  }

  function failed(error: unknown) {
    const status = statusOf(error)
    problem.value = messageOf(error)
    if (status === 409) {
      conflict.value = dataOf<{ stored: S }>(error)?.stored ?? null
      saveState.value = 'conflict'
    } else if (status >= 400 && status < 500) {
      saveState.value = 'refused'
    } else {
      saveState.value = 'offline'
      saveIn(RETRY_MS[Math.min(tries++, RETRY_MS.length - 1)]!)
    }
  }

  /** Ends a conflict: this tab's version is saved over the other, or the other is taken (and this one can be brought back by undo). */
  function settleConflict(which: 'mine' | 'theirs') {
    const theirs = conflict.value
    const mine = kept.value
    if (!theirs || mine === null || !id.value) return
    revision.value = theirs.revision
    conflict.value = null
    if (which === 'mine') {
      saveState.value = 'waiting'
      void save()
      return
    }
    done.value = [...done.value, { name: 'take the other version', inverse: kind.replace(mine) }]
    take(theirs)
    dropUnsaved(kind.key(id.value))
  }

  return {
    id,
    value,
    kept,
    dragging,
    revision,
    savedAt,
    saveState,
    problem,
    conflict,
    done,
    undone,
    holds,
    open,
    edit,
    preview,
    undo,
    redo,
    save,
    settleConflict,
  }
}
