import type { Mark, MarkId } from '~~/core/marks'
import type { PlaceAsk, Raise, Suggestion, Tried } from '~~/core/mend'
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
  /** The marks of another state of the bed. */
  | { readonly job: 'state'; readonly number: number; readonly scene: SentScene }
  /** Before any look: the scene comes with it, empty beds among them. */
  | { readonly job: 'suggest'; readonly number: number; readonly scene: SentScene; readonly ask: PlaceAsk }

export type LookAnswer =
  | { readonly kind: 'marks'; readonly number: number; readonly marks: readonly Mark[]; readonly total: number }
  | { readonly kind: 'tried'; readonly number: number; readonly tried: Tried }
  | { readonly kind: 'raises'; readonly number: number; readonly mark: MarkId; readonly raises: readonly Raise[] }
  | { readonly kind: 'state'; readonly number: number; readonly marks: readonly Mark[]; readonly total: number }
  | { readonly kind: 'suggestions'; readonly number: number; readonly suggestions: readonly Suggestion[] }
  | { readonly kind: 'error'; readonly number: number; readonly message: string }
