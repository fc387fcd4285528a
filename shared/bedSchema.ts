import { nameSchema, textSchema } from './textSchema'
import { z } from 'zod'
import { colourSchema, idSchema, metre, plantIdSchema, point } from './basicSchemas'
import { thingShapes } from './bedThingsSchema'
import { driftSchema } from './driftSchema'
import {
  CENTREPIECES,
  CONDITIONS,
  FATES,
  checkForm,
  checkOutline,
  COURT_PLANS,
  DRAINAGE,
  EXPOSURE,
  IRRIGATION,
  SCHOOL_IDS,
  type Bed,
} from '../core/bed'
import { SOILS, WATER_CLASSES } from '../core/plant'

const edge = z.object({ kind: z.enum(['straight', 'stepped', 'curved']), stations: z.array(point).min(2).max(100) })
const outline = z.object({ back: edge, front: edge }).superRefine((value, context) => {
  const checked = checkOutline(value)
  if (!checked.ok) context.addIssue({ code: 'custom', message: checked.error })
})
const opening = z
  .object({
    id: idSchema,
    x: metre(-500, 500, 'A window’s place'),
    widthM: metre(0.1, 20, 'A window’s width'),
    sillM: metre(0, 20, 'A sill'),
    headM: metre(0.1, 30, 'A window’s head'),
  })
  .refine((o) => o.headM > o.sillM, 'A window’s head must be above its sill.')
const wall = z.object({
  heightM: metre(0.3, 40, 'The wall’s height'),
  material: z.enum(['brick', 'stone', 'render', 'boards']),
  colour: colourSchema,
  openings: z.array(opening).max(60),
})
const roundEdge = z.object({
  smooth: z.boolean(),
  stations: z.array(point).min(3, 'A closed edge needs at least three stations.').max(100),
})
const form = z
  .discriminatedUnion('kind', [
    z.object({ kind: z.literal('foundation') }),
    z.object({ kind: z.literal('screen') }),
    z.object({ kind: z.literal('two-sided') }),
    z.object({
      kind: z.literal('terrace'),
      baseM: metre(0, 10, 'A terrace’s height'),
      fallM: metre(-5, 5, 'A terrace’s fall'),
    }),
    z.object({
      kind: z.literal('island'),
      edge: roundEdge,
      rimM: metre(0, 50, 'The rim'),
      centre: z.enum(CENTREPIECES),
      centreHeightM: metre(0.1, 30, 'The centrepiece’s height'),
      showFromM: metre(0, 30, 'What must stay in view'),
    }),
    z.object({
      kind: z.literal('ring'),
      edge: roundEdge,
      rimM: metre(0.05, 50, 'The radius of what stands inside'),
      insideHeightM: metre(0.1, 30, 'The height of what stands inside'),
    }),
    z.object({
      kind: z.literal('court'),
      widthM: metre(2, 60, 'The court’s width'),
      depthM: metre(2, 60, 'The court’s depth'),
      pathM: metre(0.3, 6, 'A path'),
      repeat: z.enum(['mirrored', 'turned']),
      plan: z.enum(COURT_PLANS).optional(),
      segments: z.union([z.literal(4), z.literal(6), z.literal(8)]).optional(),
      centreM: metre(0, 25, 'The open middle').optional(),
      variants: z
        .array(z.object({ part: z.number().int().min(1).max(7), plantId: plantIdSchema, withId: plantIdSchema }))
        .max(200)
        .optional(),
    }),
    z.object({
      kind: z.literal('container'),
      diameterM: metre(0.15, 5, 'A pot’s width'),
      heightM: metre(0.1, 3, 'A pot’s height'),
      pots: z.number().int().min(1, 'At least one pot.').max(12, 'At most 12 pots.'),
      apartM: metre(0, 50, 'The distance between pots'),
      rimShows: z.boolean().optional(),
    }),
  ])
  .superRefine((value, context) => {
    const checked = checkForm(value)
    if (!checked.ok) context.addIssue({ code: 'custom', message: checked.error })
  })
/** What a bed is made of, part by part: edits carry parts of it. */
export const bedShape = {
  name: nameSchema,
  form: form.default({ kind: 'foundation' }),
  outline,
  laneShares: z.array(z.number().min(0.02).max(1)).min(1).max(5),
  ...thingShapes,
  wall: wall.nullable(),
  viewpoint: z.object({
    name: nameSchema,
    eyeHeightM: metre(0.2, 15, 'Eye height'),
    distanceM: metre(0.2, 100, 'The distance'),
    turnDeg: z.number().min(-360).max(360).default(0),
  }),
  ground: z.object({
    sunHours: z.number().min(0, 'Sun hours must be at least 0.').max(18, 'Sun hours can be at most 18 a day.'),
    sunByHand: z.boolean().default(true),
    facing: textSchema(40),
    water: z.enum(WATER_CLASSES),
    soil: z.enum(SOILS),
    ph: z.number().min(3, 'pH must be at least 3.').max(10, 'pH can be at most 10.'),
    drainage: z.enum(DRAINAGE).default('steady'),
    wetInWinter: z.boolean().default(false),
    wind: z.enum(EXPOSURE).default('none'),
    salt: z.enum(EXPOSURE).default('none'),
    reflectedHeat: z.enum(EXPOSURE).default('none'),
    deer: z.enum(EXPOSURE).default('none'),
    rabbits: z.enum(EXPOSURE).default('none'),
    irrigation: z.enum(IRRIGATION).default('none'),
  }),
  school: z.enum(SCHOOL_IDS),
  drifts: z.array(driftSchema).max(400),
  existing: z
    .array(
      z.object({
        id: idSchema,
        name: nameSchema,
        plantId: z.union([z.literal(''), plantIdSchema]),
        x: z.number().min(-500).max(500),
        y: z.number().min(-500).max(500),
        heightM: metre(0.02, 40, 'A height'),
        spreadM: metre(0.02, 30, 'A spread'),
        condition: z.enum(CONDITIONS),
        fate: z.enum(FATES),
        into: z.number().int().min(1, 'At least one part.').max(50, 'At most 50 parts.'),
        month: z.number().int().min(1).max(12).nullish(),
        note: textSchema(500, 'A note'),
      }),
    )
    .max(200)
    .default([]),
  pins: z
    .array(
      z.object({
        driftId: idSchema,
        index: z.number().int().min(0).max(1_000_000),
        x: z.number().min(-500).max(500),
        y: z.number().min(-500).max(500),
      }),
    )
    .max(5000),
  accepted: z
    .array(
      z.object({
        findingId: z.string().min(1).pipe(textSchema(200)),
        title: textSchema(300),
        reason: z.string().trim().min(1, 'A reason is needed.').pipe(textSchema(500, 'A reason')),
      }),
    )
    .max(500),
  shortlist: z
    .array(plantIdSchema)
    .max(400)
    .transform((ids) => [...new Set(ids)]),
  buying: z
    .array(z.object({ plantId: plantIdSchema, size: textSchema(60), have: z.number().int().min(0).max(100000) }))
    .max(400),
}

const twice = (keys: readonly string[]) => new Set(keys).size !== keys.length
type Shaped = { [K in keyof typeof bedShape]: z.infer<(typeof bedShape)[K]> }

/** What must not come twice in a bed: the part, what names one of it, and the words when one does. */
const ONCE: readonly (readonly [keyof Shaped, (bed: Shaped) => string[], string])[] = [
  ['drifts', (b) => b.drifts.map((d) => d.id), 'Two drifts have the same id.'],
  ['pins', (b) => b.pins.map((p) => `${p.driftId}:${p.index}`), 'One plant is pinned in two places.'],
  ['accepted', (b) => b.accepted.map((a) => a.findingId), 'One finding is accepted twice.'],
  ['buying', (b) => b.buying.map((x) => x.plantId), 'One plant is bought in two sizes.'],
  ['existing', (b) => b.existing.map((e) => e.id), 'Two plants that stand there have the same id.'],
  ['features', (b) => b.features.map((f) => f.id), 'Two things have the same id.'],
  ['orders', (b) => b.orders.map((o) => o.id), 'Two orders have the same id.'],
  ['notes', (b) => b.notes.map((n) => n.id), 'Two notes have the same id.'],
]
const hasLane = (bed: Shaped, lane: number) => lane < bed.laneShares.length
const hasDrift = (bed: Shaped, id: string) => bed.drifts.some((d) => d.id === id)

/** What must hold among the parts of a bed. */
const HOLDS: readonly (readonly [keyof Shaped, (bed: Shaped) => boolean, string])[] = [
  ['drifts', (b) => b.drifts.every((d) => hasLane(b, d.lane)), 'A drift stands in a lane the bed does not have.'],
  ['pins', (b) => b.pins.every((p) => hasDrift(b, p.driftId)), 'A pin belongs to a drift the bed does not have.'],
  [
    'orders',
    (b) => b.orders.every((o) => o.driftIds.every((id) => hasDrift(b, id))),
    'An order names a drift the bed does not have.',
  ],
  [
    'laneStations',
    (b) => b.laneStations.every((s) => s.shares.length === b.laneShares.length),
    'A place where lanes differ has not as many lanes as the bed.',
  ],
  [
    'drifts',
    (b) => b.drifts.every((d) => !d.numbers || (d.numbers.length === d.count && !twice(d.numbers.map(String)))),
    'The plants of a drift are not numbered one by one.',
  ],
  ['drifts', (b) => b.drifts.reduce((sum, d) => sum + d.count, 0) <= 5000, 'A bed holds at most 5000 plants.'],
]

/** A bed as it crosses the wire and rests in the database; parsed on the way in and out. */
export const bedSchema = z.object(bedShape).superRefine((bed, context) => {
  for (const [path, keys, message] of ONCE)
    if (twice(keys(bed))) context.addIssue({ code: 'custom', path: [path], message })
  for (const [path, holds, message] of HOLDS)
    if (!holds(bed)) context.addIssue({ code: 'custom', path: [path], message })
})

/** A type with all that may be left out in it: what one of two forgets shows. */
type Filled<T> = T extends string | number | boolean | null
  ? T
  : T extends readonly (infer U)[]
    ? Filled<U>[]
    : T extends object
      ? { [K in keyof T]-?: Filled<Exclude<T[K], undefined>> }
      : T
type Fits<A, B> = A extends B ? (B extends A ? true : never) : never
/** The schema and the core's type must say the same, what may be left out too; a difference is a type error where this is asked. */
export type Same<A, B> = Fits<A, B> & Fits<Filled<A>, Filled<B>>
export type Mutable<T> = T extends string | number | boolean | null
  ? T
  : T extends readonly (infer U)[]
    ? Mutable<U>[]
    : T extends object
      ? { -readonly [K in keyof T]: Mutable<T[K]> }
      : T
true satisfies Same<z.infer<typeof bedSchema>, Mutable<Bed>>
