import { z } from 'zod'

/** Lengths, ids, places and colours as they cross the wire. */
export const metre = (low: number, high: number, what: string) =>
  z.number().min(low, `${what} must be at least ${low} m.`).max(high, `${what} can be at most ${high} m.`)
export const idSchema = z
  .string()
  .min(1)
  .max(80)
  .regex(/^[A-Za-z0-9_-]+$/, 'An id of letters, digits, - and _.')
export const plantIdSchema = z
  .string()
  .min(1)
  .max(160)
  .regex(/^[a-z0-9-]+$/, 'A plant id of small letters, digits and -.')
export const colourSchema = z.string().regex(/^#[0-9a-f]{6}$/i, 'A colour such as #a4573f.')
export const point = z.object({ x: z.number().min(-500).max(500), y: z.number().min(-500).max(500) })
