import { z } from 'zod'
import { NO_WATER_PLAN } from '../core/count'
import { isDay } from '../core/time'
import { idSchema } from './basicSchemas'
import { textSchema } from './textSchema'

const degrees = z.number().min(-60, 'No colder than −60 °C.').max(60, 'No hotter than 60 °C.')
const month = z
  .object({ lowC: degrees, highC: degrees, rainMm: z.number().min(0, 'Rain cannot be negative.').max(3000) })
  .refine((m) => m.highC >= m.lowC, 'The greatest temperature is not below the least.')
const zoneMonth = z.object({
  minutes: z
    .number()
    .min(0)
    .max(24 * 60, 'A run is at most a day.'),
  days: z.number().int().min(0).max(7, 'A week has seven days.'),
  cycles: z.number().int().min(1).max(48),
})
const programme = z.object({
  since: z.string().refine(isDay, 'A day such as 2026-05-08.'),
  startsAt: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'A time of day such as 05:30.'),
  skipMm: z.number().min(0).max(200),
  zones: z
    .array(
      z.object({
        id: textSchema(120),
        name: textSchema(200),
        litresAnHour: z.number().min(0).max(1_000_000),
        months: z.array(zoneMonth).length(12, 'Twelve months.'),
      }),
    )
    .max(200, 'A timer has at most 200 zones.'),
})

/** How a garden is watered, as it crosses the wire. */
export const waterSchema = z
  .object({
    tap: z
      .object({
        litres: z.number().min(0.1, 'At least 0.1 L in the bucket.').max(1000),
        seconds: z.number().min(0.1, 'At least a tenth of a second.').max(3600),
        bar: z.number().min(0.1, 'At least 0.1 bar.').max(16, 'At most 16 bar.'),
      })
      .nullable(),
    months: z.array(month).length(12, 'Twelve months.').nullable(),
    emitterLH: z.number().min(0.5, 'An emitter gives at least 0.5 L/h.').max(20, 'At most 20 L/h.'),
    rowM: z.number().min(0.15, 'Rows are at least 15 cm apart.').max(2, 'At most 2 m.').nullable(),
    emitterM: z.number().min(0.1, 'At least 10 cm.').max(1.5, 'At most 1.5 m.').nullable(),
    zoning: z.enum(['want', 'bed']),
    mains: z.record(idSchema, z.number().min(0).max(1000, 'A main is at most 1,000 m.')),
    programmes: z.array(programme).max(60, 'At most 60 programmes are kept.'),
  })
  .default({ ...NO_WATER_PLAN, months: null, programmes: [] })
