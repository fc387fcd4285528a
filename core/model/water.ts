import { z } from 'zod'
import { dayOfCalendar, idSchema, textSchema, whole, type Frozen } from './basic'

const degrees = z.number().min(-60, 'No colder than −60 °C.').max(60, 'No hotter than 60 °C.')
const month = z
  .object({ lowC: degrees, highC: degrees, rainMm: z.number().min(0, 'Rain cannot be negative.').max(3000) })
  .refine((m) => m.highC >= m.lowC, 'The greatest temperature is not below the least.')
/** One month of a zone's programme: minutes a run, days a week, and into how many parts a run is cut so that it soaks in. */
const zoneMonth = z.object({
  minutes: z
    .number()
    .min(0)
    .max(24 * 60, 'A run is at most a day.'),
  days: whole.max(7, 'A week has seven days.'),
  cycles: z.number().int().min(1).max(48),
})
/** What a timer runs: twelve months from January for each zone. */
const timerZone = z.object({
  id: textSchema(120),
  name: textSchema(200),
  litresAnHour: z.number().min(0).max(1_000_000),
  months: z.array(zoneMonth).length(12, 'Twelve months.'),
})
/** A programme as it was handed to the timer. */
const programme = z.object({
  since: dayOfCalendar,
  /** Time of day at which the first zone starts, `05:30`. */
  startsAt: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'A time of day such as 05:30.'),
  /** Rain of two days that keeps it from running, mm. */
  skipMm: z.number().min(0).max(200),
  zones: z.array(timerZone).max(200, 'A timer has at most 200 zones.'),
})
/** The flow of a tap as it was measured with a bucket and a watch, and its pressure at rest, bar. */
const tap = z.object({
  litres: z.number().min(0.1, 'At least 0.1 L in the bucket.').max(1000),
  seconds: z.number().min(0.1, 'At least a tenth of a second.').max(3600),
  bar: z.number().min(0.1, 'At least 0.1 bar.').max(16, 'At most 16 bar.'),
})

/** How a garden is watered: the tap, what is laid, and what the timer was given. Null: by soil, place or plan. */
export const waterPlanSchema = z.object({
  tap: tap.nullable(),
  months: z.array(month).length(12, 'Twelve months.').nullable(),
  /** Litres an hour of one emitter. */
  emitterLH: z.number().min(0.5, 'An emitter gives at least 0.5 L/h.').max(20, 'At most 20 L/h.'),
  rowM: z.number().min(0.15, 'Rows are at least 15 cm apart.').max(2, 'At most 2 m.').nullable(),
  emitterM: z.number().min(0.1, 'At least 10 cm.').max(1.5, 'At most 1.5 m.').nullable(),
  /** One zone for what wants alike, over all beds; or one for each bed. */
  zoning: z.enum(['want', 'bed']),
  /** Metres of pipe from the tap to a bed, by its id. */
  mains: z.record(idSchema, z.number().min(0).max(1000, 'A main is at most 1,000 m.')),
  /** The programmes the timer was given, the latest last; an empty list of zones stops it. */
  programmes: z.array(programme).max(60, 'At most 60 programmes are kept.'),
})
export type WaterPlan = Frozen<z.infer<typeof waterPlanSchema>>
export type Tap = NonNullable<WaterPlan['tap']>
export type TimerProgramme = WaterPlan['programmes'][number]
export type TimerZone = TimerProgramme['zones'][number]
export type ZoneMonth = TimerZone['months'][number]
