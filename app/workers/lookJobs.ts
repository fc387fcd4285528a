import type { Mark, MarkId } from '~~/core/marks'
import type { Raise, Tried } from '~~/core/mend'
import type { Plant } from '~~/core/plant'
import type { SceneInput } from '~~/core/scene'

/** A scene as it is sent: the library goes once and is kept. */
export type SentScene = Omit<SceneInput, 'library'>

/** What the worker of the second look can be asked; a newer scene puts an end to work on an older one. */
export type LookRequest =
  | { readonly job: 'library'; readonly plants: readonly Plant[] }
  | {
      readonly job: 'look'
      readonly number: number
      readonly scene: SentScene
      readonly accepted: readonly string[]
    }
  /** The hand is at work: everything else rests a moment. */
  | { readonly job: 'hold' }
  | { readonly job: 'raises'; readonly number: number; readonly mark: MarkId }

export type LookAnswer =
  | { readonly kind: 'marks'; readonly number: number; readonly marks: readonly Mark[]; readonly total: number }
  | { readonly kind: 'tried'; readonly number: number; readonly tried: Tried }
  | { readonly kind: 'raises'; readonly number: number; readonly mark: MarkId; readonly raises: readonly Raise[] }
  | { readonly kind: 'error'; readonly number: number; readonly message: string }
