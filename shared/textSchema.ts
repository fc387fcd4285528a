import { z } from 'zod'
import { characters, faultOfText, unmarked } from '../core/measure'

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

export const NAME_LIMIT = 120
/** A name as shown to people: any script and sign, but not empty and not endless. */
export const nameSchema = z.string().trim().min(1, 'A name is needed.').pipe(textSchema(NAME_LIMIT, 'A name'))

/** Revisions are counted in 32 bits by the database. */
export const revisionSchema = z
  .number()
  .int()
  .min(0)
  .max(2 ** 31 - 2, 'There is no such revision.')
