import { z } from 'zod'
import { colourSchema, dayOfCalendar, idSchema, orNone, plantIdSchema, textSchema, type Frozen } from './basic'
import { CAUSES, LOG_KINDS, TICKS, WISHES } from './codes'

const time = z.iso.datetime({ error: 'A time such as 2026-05-08T10:15:00Z.' })
const degrees = z.number().min(-90).max(70)

/** One line of the log: of a place, a plant, a drift, a bed or a day. What is not said is empty or null. */
export const logEntrySchema = z.object({
  id: idSchema,
  day: dayOfCalendar,
  kind: z.enum(LOG_KINDS, { error: `What happened is one of: ${LOG_KINDS.join(', ')}.` }),
  bedId: orNone(idSchema),
  driftId: orNone(idSchema),
  /** The placed plant, `drift:index` with its part. */
  place: textSchema(200, 'A place'),
  plantId: orNone(plantIdSchema),
  /** Metres, plants, minutes, litres or money, by its kind. */
  amount: z.number().min(0, 'An amount cannot be negative.').max(1_000_000).nullable(),
  cause: orNone(z.enum(CAUSES)),
  /** What it turned out to be, or what was set in its place. */
  toPlantId: orNone(plantIdSchema),
  /** The colour that came. */
  colour: orNone(colourSchema),
  wish: orNone(z.enum(WISHES)),
  /** Set to see how it does; asked about at the season's end. */
  trial: z.boolean(),
  /** Day on which its wish was fulfilled. */
  done: orNone(dayOfCalendar),
  note: textSchema(2000, 'A note'),
  photoId: orNone(idSchema),
  /** The photo was taken from the bed's own viewpoint. */
  fromView: z.boolean(),
  /** The photo is drawn by the program, not taken. */
  drawn: z.boolean(),
  /** Cells of the plant that were taken over from what was learned. */
  figures: z.record(textSchema(60), textSchema(200)),
  weather: z.object({ lowC: degrees, highC: degrees, rainMm: z.number().min(0).max(3000) }).nullable(),
  /** By the clock of the device it was written on. */
  changed: time,
  device: idSchema,
  /** Taken out again. */
  gone: z.boolean(),
})
export type LogEntry = Frozen<z.infer<typeof logEntrySchema>>

/** What was done to one plant on site, by whom and when by that device's clock. `value`: `yes`, `no`, or the kind set instead. */
export const tickSchema = z.object({
  bedId: idSchema,
  /** The placed plant, `drift:index` with its part. */
  plant: textSchema(200, 'A place'),
  plantId: plantIdSchema,
  what: z.enum(TICKS),
  value: textSchema(160),
  at: time,
  device: idSchema,
})
export type Tick = Frozen<z.infer<typeof tickSchema>>
