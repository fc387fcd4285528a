import { z } from 'zod'
import { idSchema, textSchema, type Frozen } from '../core/model'

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
const here = hereSchema.omit({ open: true }).extend({
  /** Empty where nobody signs in. */
  name: z.string(),
  accountId: z.string(),
})
/** Something of a garden was changed: a bed, the site, the log … by its part of the address; `tab` is the window that did. */
const changed = z.object({
  what: z.string(),
  /** The bed's id, or the garden's. */
  id: z.string(),
  tab: z.string(),
  name: z.string(),
})
/** What a garden's stream tells. */
export const liveEventSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('changed'), changed }),
  z.object({ kind: z.literal('here'), people: z.array(here) }),
])
export type LiveEvent = Frozen<z.infer<typeof liveEventSchema>>
export type Here = Frozen<z.infer<typeof here>>
export type Changed = Frozen<z.infer<typeof changed>>
