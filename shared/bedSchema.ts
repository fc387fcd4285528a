import { nameSchema, textSchema } from './textSchema'
import { z } from 'zod'
import {
  CENTREPIECES,
  CONDITIONS,
  FATES,
  checkForm,
  checkOutline,
  COURT_PLANS,
  DRAINAGE,
  EXPOSURE,
  FEATURE_KINDS,
  IRRIGATION,
  MIX_WAYS,
  ORDER_KINDS,
  PATTERNS,
  SCHOOL_IDS,
  SPOTS_AT,
  THIN_TO,
  type Bed,
} from '../core/bed'
import { SOILS, WATER_CLASSES } from '../core/plant'

const metre = (low: number, high: number, what: string) =>
  z.number().min(low, `${what} must be at least ${low} m.`).max(high, `${what} can be at most ${high} m.`)
export const idSchema = z
  .string()
  .min(1)
  .max(80)
  .regex(/^[A-Za-z0-9_-]+$/, 'An id of letters, digits, - and _.')
const plantIdSchema = z
  .string()
  .min(1)
  .max(160)
  .regex(/^[a-z0-9-]+$/, 'A plant id of small letters, digits and -.')
const colourSchema = z.string().regex(/^#[0-9a-f]{6}$/i, 'A colour such as #a4573f.')
const point = z.object({ x: z.number().min(-500).max(500), y: z.number().min(-500).max(500) })
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
    }),
  ])
  .superRefine((value, context) => {
    const checked = checkForm(value)
    if (!checked.ok) context.addIssue({ code: 'custom', message: checked.error })
  })
const shapePoints = z.array(point)
const out = z.number().min(0).max(1)
const shapeSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('lens'),
    out,
    lengthM: metre(0.1, 200, 'A lens’s length'),
    widthM: metre(0.05, 60, 'A lens’s width'),
    slantDeg: z.number().min(-180).max(180),
  }),
  z.object({
    kind: z.literal('outline'),
    out,
    points: shapePoints.min(3, 'An outline needs at least three points.').max(200),
  }),
  z.object({
    kind: z.literal('ribbon'),
    out,
    line: shapePoints.min(2, 'A ribbon needs at least two points.').max(100),
    widthM: metre(0.05, 60, 'A ribbon’s width'),
  }),
  z.object({
    kind: z.literal('edge'),
    out,
    edge: z.enum(['front', 'back']),
    distanceM: metre(0, 60, 'The distance from the edge'),
  }),
  z.object({
    kind: z.literal('ring'),
    out,
    about: z.object({ driftId: idSchema, index: z.number().int().min(0).max(1_000_000) }).nullable(),
    radiusM: metre(0, 60, 'A ring’s radius'),
  }),
  z.object({
    kind: z.literal('grid'),
    out,
    columns: z.number().int().min(1, 'At least one column.').max(100, 'At most 100 columns.'),
    stepM: metre(0.02, 20, 'A grid’s step'),
    turnDeg: z.number().min(-180).max(180),
  }),
  z.object({
    kind: z.literal('hedge'),
    out,
    line: shapePoints.min(2, 'A hedge needs at least two points.').max(100),
    closed: z.boolean(),
    stepM: metre(0.05, 20, 'The distance in a hedge'),
    heightM: metre(0.05, 20, 'A hedge’s height'),
    widthM: metre(0.05, 20, 'A hedge’s width'),
  }),
  z.object({
    kind: z.literal('scatter'),
    out,
    lengthM: metre(0.1, 200, 'The length'),
    widthM: metre(0.1, 60, 'The width'),
    perM2: z.number().min(0.05, 'At least one in 20 m².').max(100, 'At most 100 a square metre.'),
    thinTo: z.enum(THIN_TO),
  }),
  z.object({ kind: z.literal('spots'), out, where: z.enum(SPOTS_AT), inM: metre(0, 20, 'The distance from the edge') }),
  z.object({ kind: z.literal('exact'), out }),
  z.object({ kind: z.literal('beneath'), out, about: idSchema.nullable() }),
  z.object({
    kind: z.literal('climb'),
    out,
    about: z
      .discriminatedUnion('on', [
        z.object({ on: z.literal('plant'), driftId: idSchema, index: z.number().int().min(0).max(1_000_000) }),
        z.object({ on: z.literal('feature'), featureId: idSchema }),
      ])
      .nullable(),
  }),
])
const mixSchema = z
  .object({
    how: z.enum(MIX_WAYS),
    others: z
      .array(
        z.object({
          plantId: plantIdSchema,
          share: z.number().min(0.01, 'A share is at least 1 %.').max(0.95, 'A share is at most 95 %.'),
        }),
      )
      .min(1, 'A mix has a second kind.')
      .max(4, 'A mix has at most five kinds.'),
  })
  .refine((m) => m.others.reduce((sum, o) => sum + o.share, 0) < 0.999, 'The other kinds leave nothing of the first.')
export const driftSchema = z.object({
  id: idSchema,
  plantId: plantIdSchema,
  lane: z.number().int().min(0).max(4),
  count: z.number().int().min(1, 'A drift has at least one plant.').max(500, 'A drift has at most 500 plants.'),
  pattern: z.enum(PATTERNS),
  at: z.number().min(0).max(500),
  everyM: z.number().min(0.01).max(100),
  shape: shapeSchema.nullable().optional(),
  mix: mixSchema.nullable().optional(),
  numbers: z.array(z.number().int().min(0).max(1_000_000)).max(500).nullable().optional(),
  nextNumber: z.number().int().min(0).max(1_000_001).nullable().optional(),
})

/** What a bed is made of, part by part: edits carry parts of it. */
export const bedShape = {
  name: nameSchema,
  form: form.default({ kind: 'foundation' }),
  outline,
  laneShares: z.array(z.number().min(0.02).max(1)).min(1).max(5),
  laneStations: z
    .array(
      z.object({
        atM: z.number().min(0).max(500),
        shares: z
          .array(z.number().min(0).max(1))
          .min(1)
          .max(5)
          .refine((s) => s.reduce((sum, n) => sum + n, 0) > 0.01, 'At least one lane must have some depth.'),
      }),
    )
    .max(40)
    .default([]),
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
  features: z
    .array(
      z.object({
        id: idSchema,
        kind: z.enum(FEATURE_KINDS),
        x: z.number().min(-500).max(500),
        y: z.number().min(-500).max(500),
        lengthM: metre(0.02, 60, 'A thing’s length'),
        widthM: metre(0.02, 20, 'A thing’s width'),
        heightM: metre(0.01, 12, 'A thing’s height'),
        turnDeg: z.number().min(-180).max(180),
        colour: colourSchema,
        line: shapePoints.max(60),
      }),
    )
    .max(200)
    .default([]),
  orders: z
    .array(
      z.object({
        id: idSchema,
        kind: z.enum(ORDER_KINDS),
        driftIds: z.array(idSchema).min(1).max(40),
        atM: z.number().min(0).max(500),
        stepM: z.number().min(0).max(100),
        about: textSchema(80),
      }),
    )
    .max(100)
    .default([]),
  notes: z
    .array(
      z.object({
        id: idSchema,
        x: z.number().min(-500).max(500),
        y: z.number().min(-500).max(500),
        text: z.string().trim().min(1, 'A note needs words.').pipe(textSchema(500, 'A note')),
      }),
    )
    .max(200)
    .default([]),
}

/** A bed as it crosses the wire and rests in the database; parsed on the way in and out. */
export const bedSchema = z.object(bedShape).superRefine((bed, context) => {
  const say = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message })
  const ids = new Set(bed.drifts.map((d) => d.id))
  const twice = (keys: readonly string[]) => new Set(keys).size !== keys.length
  if (ids.size !== bed.drifts.length) say('drifts', 'Two drifts have the same id.')
  if (bed.drifts.some((d) => d.lane >= bed.laneShares.length))
    say('drifts', 'A drift stands in a lane the bed does not have.')
  if (bed.pins.some((p) => !ids.has(p.driftId))) say('pins', 'A pin belongs to a drift the bed does not have.')
  if (twice(bed.pins.map((p) => `${p.driftId}:${p.index}`))) say('pins', 'One plant is pinned in two places.')
  if (twice(bed.accepted.map((a) => a.findingId))) say('accepted', 'One finding is accepted twice.')
  if (twice(bed.buying.map((b) => b.plantId))) say('buying', 'One plant is bought in two sizes.')
  if (twice(bed.existing.map((e) => e.id))) say('existing', 'Two plants that stand there have the same id.')
  if (twice(bed.features.map((f) => f.id))) say('features', 'Two things have the same id.')
  if (twice(bed.orders.map((o) => o.id))) say('orders', 'Two orders have the same id.')
  if (twice(bed.notes.map((n) => n.id))) say('notes', 'Two notes have the same id.')
  if (bed.orders.some((o) => o.driftIds.some((id) => !ids.has(id))))
    say('orders', 'An order names a drift the bed does not have.')
  if (bed.laneStations.some((s) => s.shares.length !== bed.laneShares.length))
    say('laneStations', 'A place where lanes differ has not as many lanes as the bed.')
  if (bed.drifts.some((d) => d.numbers && (d.numbers.length !== d.count || twice(d.numbers.map(String)))))
    say('drifts', 'The plants of a drift are not numbered one by one.')
  if (bed.drifts.reduce((sum, d) => sum + d.count, 0) > 5000) say('drifts', 'A bed holds at most 5000 plants.')
})

// The schema and the core's type must say the same; a difference is a type error here.
export type Same<A, B> = A extends B ? (B extends A ? true : never) : never
export type Mutable<T> = T extends string | number | boolean | null
  ? T
  : T extends readonly (infer U)[]
    ? Mutable<U>[]
    : T extends object
      ? { -readonly [K in keyof T]: Mutable<T[K]> }
      : T
export const BED_SCHEMA_IS_BED: Same<z.infer<typeof bedSchema>, Mutable<Bed>> = true
