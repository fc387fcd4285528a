import type { BedLightInput, LightHours, LightInput } from '~~/core/light'

/** What the light worker can be asked; it answers with progress (0-1) and then a result or an error, each with the request's id. */
export type LightRequest =
  | { readonly id: number; readonly job: 'bed'; readonly input: BedLightInput }
  | { readonly id: number; readonly job: 'map'; readonly input: LightInput }
  | { readonly id: number; readonly job: 'cancel' }

export type LightAnswer =
  | { readonly id: number; readonly kind: 'progress'; readonly share: number }
  | {
      readonly id: number
      readonly kind: 'result'
      readonly hours: LightHours | null
      /** Share of the cells that had to be worked out. */ readonly worked: number
    }
  | { readonly id: number; readonly kind: 'error'; readonly message: string }
