import { z } from 'zod'
import { characters, faultOfText, unmarked } from '../measure'
import { NAME_LIMIT } from './codes'
import { isDay, type PlaceMonth } from '../time'

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
/** A place in a bed's plan, along it or out of it. */
export const far = z.number().min(-500).max(500)
export const point = z.object({ x: far, y: far })
export const dayOfCalendar = z.string().refine(isDay, 'A day such as 2026-05-08.')
export const placeMonth = z
  .number()
  .int()
  .min(1)
  .max(12)
  .transform((m): PlaceMonth => m)
/** Nothing, or what a schema asks. */
export const orNone = <T extends z.ZodType>(schema: T) => z.union([z.literal(''), schema])
export const whole = z.number().int().min(0)

/** A text of at most so many characters, without what no store keeps: control characters, halves of characters. */
export const textSchema = (most: number, what = 'This text') =>
  z
    .string()
    .overwrite(unmarked)
    .superRefine((value, context) => {
      const fault = faultOfText(value)
      if (fault) context.addIssue({ code: 'custom', message: fault })
      else if (characters(value) > most)
        context.addIssue({
          code: 'custom',
          message: `${what} can have at most ${most} characters; this one has ${characters(value)}.`,
        })
    })
/** A text that says something. */
export const saidSchema = (most: number, what: string, missing: string) =>
  z.string().trim().min(1, missing).pipe(textSchema(most, what))

/** A name as shown to people: any script and sign, but not empty and not endless. */
export const nameSchema = saidSchema(NAME_LIMIT, 'A name', 'A name is needed.')

/** A value as it is passed about: nothing in it may be changed. */
export type Frozen<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends readonly (infer U)[]
    ? readonly Frozen<U>[]
    : { readonly [K in keyof T]: Frozen<T[K]> }
