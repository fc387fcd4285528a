import { z } from 'zod'
import { idSchema, plantIdSchema } from './basicSchemas'
import { textSchema } from './textSchema'
import { TICKS } from '../core/setout'

/** What was done to one plant on site, by whom and when by that device's clock. `value`: `yes`, `no`, or the kind set instead. */
export const tickSchema = z.object({
  bedId: idSchema,
  plant: textSchema(200, 'A place'),
  plantId: plantIdSchema,
  what: z.enum(TICKS),
  value: textSchema(160),
  at: z.iso.datetime({ error: 'A time such as 2026-05-08T10:15:00Z.' }),
  device: idSchema,
})
export const sendTicksSchema = z.object({ ticks: z.array(tickSchema).max(5000, 'At most 5,000 ticks at once.') })
