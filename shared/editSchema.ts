import { z } from 'zod'
import type { Edit } from '../core/edit'
import { idSchema } from './basicSchemas'
import { bedSchema, bedShape, type Mutable, type Same } from './bedSchema'
import { driftSchema } from './driftSchema'
import { textSchema } from './textSchema'

const MOST_PARTS = 2000

/** What an edit does not name it leaves as it is: defaults are for stored beds alone. */
const setBed = z
  .object({
    name: bedShape.name,
    form: bedShape.form.unwrap(),
    outline: bedShape.outline,
    laneShares: bedShape.laneShares,
    wall: bedShape.wall,
    viewpoint: bedShape.viewpoint,
    ground: bedShape.ground,
    school: bedShape.school,
    laneStations: bedShape.laneStations.unwrap(),
    features: bedShape.features.unwrap(),
    orders: bedShape.orders.unwrap(),
    notes: bedShape.notes.unwrap(),
  })
  .partial()

const single = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('addDrift'),
    drift: driftSchema,
    position: z.number().int().min(0).max(400).optional(),
  }),
  z.object({ kind: z.literal('removeDrift'), driftId: idSchema }),
  z.object({
    kind: z.literal('changeDrift'),
    driftId: idSchema,
    change: driftSchema.omit({ id: true }).partial(),
    alone: z.boolean().optional(),
  }),
  z.object({ kind: z.literal('removePlant'), driftId: idSchema, index: z.number().int().min(0) }),
  z.object({ kind: z.literal('setPins'), driftId: idSchema, pins: bedShape.pins }),
  z.object({ kind: z.literal('accept'), acceptance: bedShape.accepted.element }),
  z.object({ kind: z.literal('unaccept'), findingId: textSchema(200) }),
  z.object({ kind: z.literal('setBuying'), plantId: textSchema(160), buying: bedShape.buying.element.nullable() }),
  z.object({ kind: z.literal('setShortlist'), plantIds: bedShape.shortlist }),
  z.object({ kind: z.literal('setBed'), change: setBed }),
  z.object({ kind: z.literal('setExisting'), existing: bedShape.existing }),
  z.object({ kind: z.literal('replace'), bed: bedSchema }),
])

/** An edit of a bed as it crosses the wire: what it makes of the bed is checked as a whole after it. */
export const editSchema: z.ZodType<Edit> = z.lazy(() => z.union([single, group])) as unknown as z.ZodType<Edit>

const group = z.object({
  kind: z.literal('all'),
  edits: z.array(editSchema).max(MOST_PARTS),
  name: textSchema(200),
})

// What the wire carries is what the core applies; a difference is a type error here.
true satisfies Same<Loose<z.infer<typeof single>>, Loose<Mutable<Exclude<Edit, { kind: 'all' }>>>>
type Loose<T> = T extends string | number | boolean | null
  ? T
  : T extends readonly (infer U)[]
    ? Loose<U>[]
    : T extends object
      ? { [K in keyof T]: Loose<Exclude<T[K], undefined>> }
      : T
