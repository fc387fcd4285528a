import type { Stored, SavedAnswer } from '../../shared/answers'
import { ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import { dataOf, messageOf, statusOf } from '../utils/messageOf'
import type { How } from './editSteps'

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict' | 'refused'

const SAVE_AFTER_MS = 450
const RETRY_MS = [1000, 2000, 4000, 8000, 15000]
/** A server that fails so often with the same save will not take it: the reason is shown, and the next edit tries again. */
const MOST_FAILURES = 6

/** An edit on its way to the server, told apart by its id. */
export interface PendingEdit<E> {
  readonly id: string
  readonly how: How
  readonly edit: E
}

/** What is sent: the edits since `revision`, and what they made. */
export interface Parcel<T, E> {
  readonly id: string
  readonly revision: number
  readonly value: T
  readonly edits: readonly PendingEdit<E>[]
}

/** Where a saver takes its parcels from, and whom it tells. */
export interface SaverDesk<T, S, E> {
  readonly put: (parcel: Parcel<T, E>) => Promise<SavedAnswer>
  /** What is not saved yet; null when nothing is. */
  readonly parcel: () => Parcel<T, E> | null
  /** What was sent is saved now. */
  readonly onSaved: (sent: Parcel<T, E>, answer: SavedAnswer) => void
  /** The store has a newer version: true when what is unsaved was joined with it and can be sent again. */
  readonly onStale: (stored: S) => boolean
}

export interface Saver<S> {
  readonly state: Ref<SaveState>
  readonly problem: Ref<string>
  readonly savedAt: Ref<string | null>
  readonly conflict: ShallowRef<S | null>
  /** Says that there is something to save; it is sent once the hand rests. */
  touch(): void
  save(): Promise<void>
  /** Begins anew with something that is saved. */
  rest(savedAt: string): void
  /** Ends a conflict so that saving can go on. */
  settle(): void
  /** What is unsaved and what is stored changed the same: the user is asked. */
  clash(stored: S): void
  /** Resolves when no save is on its way. */
  rested(): Promise<void>
}

/** Sends what is edited by itself, tries again when the server is away, and says why when it will not take it. */
export function createSaver<T, S extends Stored<T>, E>(desk: SaverDesk<T, S, E>): Saver<S> {
  const state = ref<SaveState>('saved')
  const problem = ref('')
  const savedAt = ref<string | null>(null)
  const conflict: ShallowRef<S | null> = shallowRef(null)
  let timer: ReturnType<typeof setTimeout> | undefined
  let failures = 0
  let running: Promise<void> | null = null

  function saveIn(ms: number) {
    clearTimeout(timer)
    timer = setTimeout(() => void save(), ms)
  }

  function touch() {
    if (state.value === 'conflict') return
    if (state.value !== 'saving') state.value = 'waiting'
    saveIn(SAVE_AFTER_MS)
  }

  /** Resolves when the server has answered. */
  async function save(): Promise<void> {
    clearTimeout(timer)
    if (running) await running
    const parcel = desk.parcel()
    if (!parcel || state.value === 'saved' || state.value === 'conflict') return
    running = send(parcel).finally(() => {
      running = null
    })
    await running
  }

  async function send(parcel: Parcel<T, E>) {
    state.value = 'saving'
    try {
      const answer = await desk.put(parcel)
      failures = 0
      problem.value = ''
      const isOpen = desk.parcel()?.id === parcel.id
      desk.onSaved(parcel, answer)
      if (!isOpen) return
      savedAt.value = answer.savedAt
      state.value = desk.parcel() ? 'waiting' : 'saved'
      if (state.value === 'waiting') saveIn(SAVE_AFTER_MS)
    } catch (error) {
      if (desk.parcel()?.id === parcel.id) failed(error)
    }
  }

  function failed(error: unknown) {
    const status = statusOf(error)
    problem.value = messageOf(error)
    failures++
    if (status === 409) {
      stale(dataOf<{ stored: S }>(error)?.stored ?? null)
    } else if (isLasting(status, failures)) {
      state.value = 'refused'
    } else {
      state.value = 'offline'
      saveIn(RETRY_MS[Math.min(failures, RETRY_MS.length) - 1]!)
    }
  }

  function stale(stored: S | null) {
    if (!stored || !desk.onStale(stored)) return clash(stored)
    state.value = 'waiting'
    saveIn(SAVE_AFTER_MS)
  }

  function clash(stored: S | null) {
    clearTimeout(timer)
    conflict.value = stored
    state.value = 'conflict'
  }

  const rested = async () => {
    while (running) await running
  }

  function rest(at: string) {
    clearTimeout(timer)
    failures = 0
    savedAt.value = at
    state.value = 'saved'
    problem.value = ''
    conflict.value = null
  }

  function settle() {
    conflict.value = null
    state.value = 'waiting'
  }

  return { state, problem, savedAt, conflict, touch, save, rest, settle, clash, rested }
}

/** A refusal lasts, and so does a server that fails again and again; one that is away, starting or short of room comes back. */
function isLasting(status: number, failures: number): boolean {
  if (status >= 400 && status < 500) return status !== 408 && status !== 429
  return status >= 500 && status !== 503 && status !== 507 && failures >= MOST_FAILURES
}
