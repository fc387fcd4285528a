import { z } from 'zod'
import { MIX_WAYS, PATTERNS, SPOTS_AT, THIN_TO } from '../core/bed'
import { idSchema, metre, plantIdSchema, point } from './basicSchemas'

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
    corners: z.enum(['turned', 'marked']).optional(),
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
  z.object({
    kind: z.literal('spots'),
    out,
    where: z.enum(SPOTS_AT),
    inM: metre(0, 20, 'The distance from the edge'),
  }),
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
  .refine(
    (m) => m.others.reduce((sum, o) => sum + o.share, 0) < 0.999,
    'The other kinds leave nothing of the first.',
  )
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
const yearOfBed = z.number().int().min(0, 'A year from 0, the year of planting.').max(30, 'At most 30 years on.')
const staySchema = z.object({ from: stayDay, to: stayDay })
const turnSchema = z.object({ plantId: plantIdSchema, from: stayDay, to: stayDay, year: yearOfBed.nullable() })
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
  stay: staySchema.nullable().optional(),
  turns: z.array(turnSchema).max(8, 'A place changes hands at most eight times a year.').nullable().optional(),
  plantedYear: yearOfBed.nullable().optional(),
  dividedFrom: idSchema.nullable().optional(),
  nextNumber: z.number().int().min(0).max(1_000_001).nullable().optional(),
})
