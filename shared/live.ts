import { z } from 'zod'
import { idSchema, textSchema } from '../core/model'

/** Where somebody is in a garden, said by each open window of the app. */
export const hereSchema = z.object({
  /** Names the window. */
  tab: idSchema,
  bedId: idSchema.nullable(),
  /** The screen, as its address calls it. */
  view: textSchema(40),
  /** The drift that is chosen; null when none is. */
  driftId: idSchema.nullable(),
  /** False when the window is left. */
  open: z.boolean().default(true),
})
export type SaidHere = z.infer<typeof hereSchema>
/** A window of somebody: `name` is empty where nobody signs in. */
export interface Here extends Omit<SaidHere, 'open'> {
  readonly name: string
  readonly accountId: string
}
/** Something of a garden was changed: a bed, the site, the log … by its part of the address; `tab` is the window that did. */
export interface Changed {
  readonly what: string
  /** The bed's id, or the garden's. */
  readonly id: string
  readonly tab: string
  readonly name: string
}
/** What a garden's stream tells. */
export type LiveEvent =
  | { readonly kind: 'changed'; readonly changed: Changed }
  | { readonly kind: 'here'; readonly people: readonly Here[] }
