import { z } from 'zod'
import { bedSchema, checkedParts } from '../bed'
import { driftSchema, idSchema, textSchema, whole, type Frozen } from '../model'

const MOST_PARTS = 2000

const setBed = z
  .object(checkedParts)
  .pick({
    name: true,
    form: true,
    outline: true,
    laneShares: true,
    wall: true,
    viewpoint: true,
    ground: true,
    school: true,
    laneStations: true,
    features: true,
    orders: true,
    notes: true,
    sets: true,
  })
  .partial()

const single = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('addDrift'), drift: driftSchema, position: whole.max(400).optional() }),
  z.object({ kind: z.literal('removeDrift'), driftId: idSchema }),
  z.object({
    kind: z.literal('changeDrift'),
    driftId: idSchema,
    change: driftSchema.omit({ id: true }).partial(),
    /** Orders do not follow: what follows is among the same edits, as when a change is taken back. */
    alone: z.boolean().optional(),
  }),
  z.object({ kind: z.literal('removePlant'), driftId: idSchema, index: whole }),
  z.object({ kind: z.literal('setPins'), driftId: idSchema, pins: checkedParts.pins }),
  z.object({ kind: z.literal('accept'), acceptance: checkedParts.accepted.element }),
  z.object({ kind: z.literal('unaccept'), findingId: textSchema(200) }),
  z.object({
    kind: z.literal('setBuying'),
    plantId: textSchema(160),
    buying: checkedParts.buying.element.nullable(),
  }),
  z.object({ kind: z.literal('setShortlist'), plantIds: checkedParts.shortlist }),
  z.object({ kind: z.literal('setBed'), change: setBed }),
  z.object({ kind: z.literal('setExisting'), existing: checkedParts.existing }),
  z.object({ kind: z.literal('replace'), bed: bedSchema }),
])
type Single = Frozen<z.infer<typeof single>>
/** What a change does not name it leaves as it is: it never says “undefined”. */
type Said<T> = { [K in keyof T]: Exclude<T[K], undefined> }
type Changing<E> = E extends { readonly change: infer C } ? Omit<E, 'change'> & { readonly change: Said<C> } : E

/** A named change of a bed. Each has an inverse, so that undo, redo, autosave and mending all use the same edits. */
export type Edit =
  Changing<Single> | { readonly kind: 'all'; readonly edits: readonly Edit[]; readonly name: string }

/** An edit as it crosses the wire: what it makes of the bed is checked as a whole after it. */
export const editSchema: z.ZodType<Edit> = z.lazy(() => z.union([single, group])) as unknown as z.ZodType<Edit>
const group = z.object({
  kind: z.literal('all'),
  edits: z.array(editSchema).max(MOST_PARTS),
  name: textSchema(200),
})
