import type { Stored, SavedAnswer } from '../../shared/answers'

/** A value as it is when it reads; null when it does not. */

import type { Ref, ShallowRef } from 'vue'
import type { Choose, Merged } from '../../core/merge'
import type { Parcel, PendingEdit } from './saver'

import type { Step, How } from './editSteps'

export type Check<T> = (value: unknown) => T | null
/** What a keeper must know of the thing it keeps. */
export interface Kind<T, E> {
  /** Key of what is unsaved in the browser's storage. */
  readonly key: (id: string) => string
  readonly put: (parcel: Parcel<T, E>) => Promise<SavedAnswer>
  readonly apply: (value: T, edit: E) => { readonly value: T; readonly inverse: E }
  readonly describe: (edit: E) => string
  readonly replace: (value: T) => E
  /** Fetches the check of what was kept in the browser or joined: most visits never need it. */
  readonly check: () => Promise<Check<T>>
  /** An edit made on `base` as it is meant on `theirs`. */
  readonly rebase: (edit: E, base: T, theirs: T) => E
  /** Joins two versions that came from one; part by part when left out. */
  readonly merge?: (base: T, mine: T, theirs: T, choose?: Choose) => Merged<T>
}
/** One stored thing as it lies on the desk. */
export interface Held<T, E> {
  readonly id: Ref<string | null>
  /** As last edited. */
  readonly kept: ShallowRef<T | null>
  /** A change under the hand, not yet made. */
  readonly draft: ShallowRef<T | null>
  /** As it was saved at the revision; null when that is not known. */
  readonly base: ShallowRef<T | null>
  readonly revision: Ref<number>
  /** Edits that are not saved yet. */
  readonly pending: ShallowRef<readonly PendingEdit<E>[]>
}
/** What is opened: stored, with the steps that led to it when they are known. */
export type Opened<T, E> = Stored<T> & { readonly steps?: readonly (Step<E> & { readonly how: How })[] }
