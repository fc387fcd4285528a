import { shallowRef, type ShallowRef } from 'vue'

/** A step that can be taken back, or made again. */
export interface Step<E> {
  readonly name: string
  readonly inverse: E
}
/** How an edit came about: made, taken back or made again. */
export type How = 'edit' | 'undo' | 'redo'

/** What was done and what was undone, newest last. */
export interface EditSteps<E> {
  readonly done: ShallowRef<readonly Step<E>[]>
  readonly undone: ShallowRef<readonly Step<E>[]>
  /** Notes a step: an undo moves one from done to undone, a redo back, an edit forgets what was undone. */
  note(how: How, step: Step<E>): void
  clear(): void
  /** Rewrites what takes each step back. */
  rewrite(change: (inverse: E) => E): void
}

/** Undo and redo without limit. */
export function createEditSteps<E>(): EditSteps<E> {
  const done = shallowRef<readonly Step<E>[]>([])
  const undone = shallowRef<readonly Step<E>[]>([])
  function note(how: How, step: Step<E>) {
    if (how === 'undo') {
      done.value = done.value.slice(0, -1)
      undone.value = [...undone.value, step]
      return
    }
    undone.value = how === 'redo' ? undone.value.slice(0, -1) : []
    done.value = [...done.value, step]
  }
  function clear() {
    done.value = []
    undone.value = []
  }
  function rewrite(change: (inverse: E) => E) {
    const rewritten = (steps: readonly Step<E>[]) => steps.map((s) => ({ ...s, inverse: change(s.inverse) }))
    done.value = rewritten(done.value)
    undone.value = rewritten(undone.value)
  }
  return { done, undone, note, clear, rewrite }
}
