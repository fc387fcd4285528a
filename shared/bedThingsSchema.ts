import { z } from 'zod'
import { FEATURE_KINDS, ORDER_KINDS } from '../core/bed'
import { colourSchema, idSchema, metre, point } from './basicSchemas'
import { textSchema } from './textSchema'

/** What a bed holds besides its drifts; beds of earlier versions have none of it. */
export const thingShapes = {
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
        line: z.array(point).max(60),
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
