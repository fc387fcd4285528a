import { z } from 'zod'
import { CAUSES, LOG_KINDS, WISHES, type LogEntry } from '../core/log'
import { isDay } from '../core/time'
import { idSchema, plantIdSchema } from './basicSchemas'
import type { Mutable, Same } from './bedSchema'
import { textSchema } from './textSchema'

const day = z.string().refine(isDay, 'A day such as 2026-05-08.')
const orNone = <T extends z.ZodType>(schema: T) => z.union([z.literal(''), schema])

/** One line of a garden's log, as it crosses the wire. */
export const logEntrySchema = z.object({
  id: idSchema,
  day,
  kind: z.enum(LOG_KINDS, { error: `What happened is one of: ${LOG_KINDS.join(', ')}.` }),
  bedId: orNone(idSchema),
  driftId: orNone(idSchema),
  place: textSchema(200, 'A place'),
  plantId: orNone(plantIdSchema),
  amount: z.number().min(0, 'An amount cannot be negative.').max(1_000_000).nullable(),
  cause: orNone(z.enum(CAUSES)),
  toPlantId: orNone(plantIdSchema),
  colour: orNone(z.string().regex(/^#[0-9a-f]{6}$/i, 'A colour such as #8a3b2c.')),
  wish: orNone(z.enum(WISHES)),
  trial: z.boolean(),
  done: orNone(day),
  note: textSchema(2000, 'A note'),
  photoId: orNone(idSchema),
  fromView: z.boolean(),
  drawn: z.boolean(),
  figures: z.record(textSchema(60), textSchema(200)),
  weather: z
    .object({
      lowC: z.number().min(-90).max(70),
      highC: z.number().min(-90).max(70),
      rainMm: z.number().min(0).max(3000),
    })
    .nullable(),
  changed: z.iso.datetime({ error: 'A time such as 2026-05-08T10:15:00Z.' }),
  device: idSchema,
  gone: z.boolean(),
})
export const sendLogSchema = z.object({
  entries: z.array(logEntrySchema).max(5000, 'At most 5,000 entries at once.'),
})

true satisfies Same<z.infer<typeof logEntrySchema>, Mutable<LogEntry>>
