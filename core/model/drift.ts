import { z } from 'zod'
import { idSchema, metre, plantIdSchema, point, whole, type Frozen } from './basic'
import { MIX_WAYS, PATTERNS, SPOTS_AT, THIN_TO } from './codes'

const points = z.array(point)
const out = z.number().min(0).max(1)
const turn = z.number().min(-180).max(180)
const placedPlant = { driftId: idSchema, index: whole.max(1_000_000) }
const support = z.discriminatedUnion('on', [
  z.object({ on: z.literal('plant'), ...placedPlant }),
  z.object({ on: z.literal('feature'), featureId: idSchema }),
])

/**
 * The shape of a drift that is no block of its lane. Its middle lies at the drift's `at`, `out` of the way from the back (0) to the front
 * (1); points are metres from that middle, x along the bed and y toward its front. Lengths in metres, turns in degrees toward the front.
 */
const shapeSchema = z.discriminatedUnion('kind', [
  /** Long, with thin ends, at a slant to the bed. */
  z.object({
    kind: z.literal('lens'),
    out,
    lengthM: metre(0.1, 200, 'A lens’s length'),
    widthM: metre(0.05, 60, 'A lens’s width'),
    slantDeg: turn,
  }),
  /** Drawn by hand, or by points. */
  z.object({
    kind: z.literal('outline'),
    out,
    points: points.min(3, 'An outline needs at least three points.').max(200),
  }),
  /** Along a line, so wide. */
  z.object({
    kind: z.literal('ribbon'),
    out,
    line: points.min(2, 'A ribbon needs at least two points.').max(100),
    widthM: metre(0.05, 60, 'A ribbon’s width'),
  }),
  /** One row along an edge, at a distance from it; it turns the corners, or marks each with a plant of its own. */
  z.object({
    kind: z.literal('edge'),
    out,
    edge: z.enum(['front', 'back']),
    distanceM: metre(0, 60, 'The distance from the edge'),
    corners: z.enum(['turned', 'marked']).optional(),
  }),
  /** Round a plant, or a place; `radiusM` 0 as near as the spacing allows. */
  z.object({
    kind: z.literal('ring'),
    out,
    about: z.object(placedPlant).nullable(),
    radiusM: metre(0, 60, 'A ring’s radius'),
  }),
  /** In rows and columns, turned. */
  z.object({
    kind: z.literal('grid'),
    out,
    columns: z.number().int().min(1, 'At least one column.').max(100, 'At most 100 columns.'),
    stepM: metre(0.02, 20, 'A grid’s step'),
    turnDeg: turn,
  }),
  /** Along a line (closed: all round), so far apart, clipped to a height and a width. */
  z.object({
    kind: z.literal('hedge'),
    out,
    line: points.min(2, 'A hedge needs at least two points.').max(100),
    closed: z.boolean(),
    stepM: metre(0.05, 20, 'The distance in a hedge'),
    heightM: metre(0.05, 20, 'A hedge’s height'),
    widthM: metre(0.05, 20, 'A hedge’s width'),
  }),
  /** Among others, so many a square metre, where there is room; ever fewer toward one side. */
  z.object({
    kind: z.literal('scatter'),
    out,
    lengthM: metre(0.1, 200, 'The length'),
    widthM: metre(0.1, 60, 'The width'),
    perM2: z.number().min(0.05, 'At least one in 20 m².').max(100, 'At most 100 a square metre.'),
    thinTo: z.enum(THIN_TO),
  }),
  /** At named places of a bed: its corners, the middles of its sides, its middle, or along its diagonals; so far in from the edge. */
  z.object({
    kind: z.literal('spots'),
    out,
    where: z.enum(SPOTS_AT),
    inM: metre(0, 20, 'The distance from the edge'),
  }),
  /** One plant at a measured place. */
  z.object({ kind: z.literal('exact'), out }),
  /** Beneath the plants of another drift. */
  z.object({ kind: z.literal('beneath'), out, about: idSchema.nullable() }),
  /** A climber at what it climbs: a plant, a thing of the bed, or what stands behind it (null). */
  z.object({ kind: z.literal('climb'), out, about: support.nullable() }),
])
export type Shape = Frozen<z.infer<typeof shapeSchema>>
export type Support = Frozen<z.infer<typeof support>>

/**
 * Kinds that share a drift's place with its own: as a matrix (its own kind all through, the others spread evenly in it), in threes, or by
 * turns. Shares are of the drift's plants, each above 0, together below 1; the rest is the drift's own kind.
 */
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
  .refine(
    (m) => m.others.reduce((sum, o) => sum + o.share, 0) < 0.999,
    'The other kinds leave nothing of the first.',
  )
export type Mix = Frozen<z.infer<typeof mixSchema>>

/** An end of a stay: a day of the calendar as `05-20`, or so many days after a frost (before it negative). */
const stayDay = z.union([
  z.object({ on: z.string().regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'A day of the year such as 05-20.') }),
  z.object({
    frost: z.enum(['last', 'first']),
    days: z
      .number()
      .int('Days are whole.')
      .min(-180, 'At most 180 days before.')
      .max(180, 'At most 180 days after.'),
  }),
])
const yearOfBed = whole.min(0, 'A year from 0, the year of planting.').max(30, 'At most 30 years on.')
/** From a day to a day of each year; over the new year where it ends earlier than it begins. */
const staySchema = z.object({ from: stayDay, to: stayDay })
/** Another kind in the places of a drift for a part of the year: each year, or in one year only, counted from the bed's planting. */
const turnSchema = staySchema.extend({ plantId: plantIdSchema, year: yearOfBed.nullable() })
export type StayDay = Frozen<z.infer<typeof stayDay>>
export type Stay = Frozen<z.infer<typeof staySchema>>
export type Turn = Frozen<z.infer<typeof turnSchema>>

/** One group of one plant in one lane. */
export const driftSchema = z.object({
  id: idSchema,
  plantId: plantIdSchema,
  /** 0 is the back lane. */
  lane: whole.max(4),
  count: z.number().int().min(1, 'A drift has at least one plant.').max(500, 'A drift has at most 500 plants.'),
  pattern: z.enum(PATTERNS),
  /** The s of its middle, metres along the front edge. */
  at: z.number().min(0).max(500),
  /** Distance between the singles of a dotted repeat, metres on centre. */
  everyM: z.number().min(0.01).max(100),
  /** What it is when it is no block or repeat in its lane; null or left out otherwise. */
  shape: shapeSchema.nullable().optional(),
  /** Other kinds that share its place. */
  mix: mixSchema.nullable().optional(),
  /** The number each plant was given when it was set, in the drift's order; 0, 1, 2 … when left out. A number is never given twice. */
  numbers: z.array(whole.max(1_000_000)).max(500).nullable().optional(),
  /** When its own kinds stand; all the year when null or left out. */
  stay: staySchema.nullable().optional(),
  turns: z.array(turnSchema).max(8, 'A place changes hands at most eight times a year.').nullable().optional(),
  /** The year in which it is planted, counted from the bed's first; 0 when left out. */
  plantedYear: yearOfBed.nullable().optional(),
  /** The drift by whose division its plants come to be: they are not bought. */
  dividedFrom: idSchema.nullable().optional(),
  /** The number the next plant of the drift gets; the count when left out. */
  nextNumber: whole.max(1_000_001).nullable().optional(),
})
export type Drift = Frozen<z.infer<typeof driftSchema>>
