import { defineStore } from 'pinia'
import type { Bed } from '~~/core/bed'
import { applyEdit, describeEdit, type Edit } from '~~/core/edit'
import type { SavedAnswer, StoredBed, StoredGarden } from '~~/shared/wire'

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict' | 'refused'

const SAVE_AFTER_MS = 450
const RETRY_MS = [1000, 2000, 4000, 8000, 15000]

interface Step { readonly name: string; readonly inverse: Edit }

/** The bed being worked on: its edits, undo and redo, and its saving. The one place that changes a bed. */
export const useBedStore = defineStore('bed', () => {
  const id = ref<string | null>(null)
  const garden = shallowRef<StoredGarden | null>(null)
  /** The bed as last edited. */
  const kept = shallowRef<Bed | null>(null)
  /** A change under the hand, not yet made. */
  const draft = shallowRef<Bed | null>(null)
  const bed = computed(() => draft.value ?? kept.value)
  const dragging = computed(() => draft.value !== null)
  const revision = ref(0)
  const savedAt = ref<string | null>(null)
  const saveState = ref<SaveState>('saved')
  const problem = ref('')
  const conflict = shallowRef<StoredBed | null>(null)
  const done = shallowRef<readonly Step[]>([])
  const undone = shallowRef<readonly Step[]>([])
  let timer: ReturnType<typeof setTimeout> | undefined
  let tries = 0
  let running: Promise<void> | null = null

  async function open(bedId: string) {
    if (id.value === bedId && kept.value && saveState.value !== 'saved') return
    const stored = await $fetch<StoredBed>(`/api/beds/${encodeURIComponent(bedId)}`)
    garden.value = await $fetch<StoredGarden>(`/api/gardens/${stored.gardenId}`)
    if (id.value !== bedId || revision.value !== stored.revision) {
      done.value = []
      undone.value = []
      take(stored)
      id.value = bedId
    }
    recover(bedId, stored)
  }

  function take(stored: StoredBed) {
    kept.value = stored.value
    draft.value = null
    revision.value = stored.revision
    savedAt.value = stored.savedAt
    saveState.value = 'saved'
    conflict.value = null
    problem.value = ''
  }

  /** Brings back what an earlier visit could not save. */
  function recover(bedId: string, stored: StoredBed) {
    if (import.meta.server) return
    const unsaved = readUnsaved(bedId)
    if (!unsaved) return
    edit({ kind: 'replace', bed: unsaved.bed })
    if (unsaved.revision !== stored.revision) {
      clearTimeout(timer)
      saveState.value = 'conflict'
      conflict.value = stored
    }
  }

  function edit(change: Edit) {
    if (!kept.value) return
    const { bed: after, inverse } = applyEdit(kept.value, change)
    draft.value = null
    if (after === kept.value) return
    done.value = [...done.value, { name: describeEdit(change), inverse }]
    undone.value = []
    changed(after)
  }

  /** Shows an edit under the hand without making it; null lets go. */
  function preview(change: Edit | null) {
    draft.value = change && kept.value ? applyEdit(kept.value, change).bed : null
  }

  function step(from: typeof done, to: typeof undone) {
    const last = from.value[from.value.length - 1]
    if (!last || !kept.value) return
    const { bed: after, inverse } = applyEdit(kept.value, last.inverse)
    from.value = from.value.slice(0, -1)
    to.value = [...to.value, { name: last.name, inverse }]
    draft.value = null
    changed(after)
  }
  const undo = () => step(done, undone)
  const redo = () => step(undone, done)

  function changed(after: Bed) {
    kept.value = after
    if (id.value) keepUnsaved(id.value, { revision: revision.value, bed: after })
    if (saveState.value === 'conflict') return
    if (saveState.value !== 'saving') saveState.value = 'waiting'
    saveIn(SAVE_AFTER_MS)
  }

  function saveIn(ms: number) {
    clearTimeout(timer)
    timer = setTimeout(() => { void save() }, ms)
  }

  /** Saves now what has not been saved; resolves when the server has answered. */
  async function save(): Promise<void> {
    clearTimeout(timer)
    if (running) await running
    if (!id.value || !kept.value || saveState.value === 'saved' || saveState.value === 'conflict') return
    running = send(id.value, kept.value).finally(() => { running = null })
    await running
  }

  async function send(bedId: string, sent: Bed) {
    saveState.value = 'saving'
    try {
      const answer = await $fetch<SavedAnswer>(`/api/beds/${bedId}`, { method: 'PUT', body: { revision: revision.value, bed: sent } })
      if (id.value !== bedId) return
      tries = 0
      problem.value = ''
      revision.value = answer.revision
      savedAt.value = answer.savedAt
      if (kept.value === sent) {
        saveState.value = 'saved'
        dropUnsaved(bedId)
      } else {
        saveState.value = 'waiting'
        if (kept.value) keepUnsaved(bedId, { revision: answer.revision, bed: kept.value })
        saveIn(SAVE_AFTER_MS)
      }
    } catch (error) {
      if (id.value === bedId) failed(error)
    }
  }

  function failed(error: unknown) {
    const status = statusOf(error)
    problem.value = messageOf(error)
    if (status === 409) {
      conflict.value = dataOf<{ stored: StoredBed }>(error)?.stored ?? null
      saveState.value = 'conflict'
    } else if (status >= 400 && status < 500) {
      saveState.value = 'refused'
    } else {
      saveState.value = 'offline'
      saveIn(RETRY_MS[Math.min(tries++, RETRY_MS.length - 1)]!)
    }
  }

  /** Ends a conflict: this tab's bed is saved over the other, or the other is taken (and this one can be brought back by undo). */
  function settleConflict(which: 'mine' | 'theirs') {
    const theirs = conflict.value
    const mine = kept.value
    if (!theirs || !mine || !id.value) return
    revision.value = theirs.revision
    conflict.value = null
    if (which === 'mine') {
      saveState.value = 'waiting'
      void save()
      return
    }
    done.value = [...done.value, { name: 'take the other version', inverse: { kind: 'replace', bed: mine } }]
    take(theirs)
    dropUnsaved(id.value)
  }

  return {
    id, garden, bed, kept, dragging, revision, savedAt, saveState, problem, conflict, done, undone,
    open, edit, preview, undo, redo, save, settleConflict,
  }
})
