import { textSchema } from './textSchema'
import { z } from 'zod'
import { SCHOOL_FIGURES, SCHOOL_IDS, type SchoolFigures } from '../core/bed'
import { MANNERS, PURPOSES, TRAITS, type Brief } from '../core/brief'
import { HARMONIES } from '../core/colour'
import { idSchema } from './basicSchemas'
import type { Mutable, Same } from './bedSchema'

const month = z.number().int().min(1).max(12)
const colour = z.string().regex(/^#[0-9a-f]{6}$/i, 'A colour such as #a4573f.')
const words = z.array(z.string().trim().min(1).pipe(textSchema(80, 'A name'))).max(30, 'At most 30 names.')
const theme = z.object({
  harmony: z.enum(HARMONIES),
  base: colour,
  colours: z
    .array(z.object({ colour, months: z.array(month).max(12) }))
    .max(8, 'At most eight colours: fewer read better.'),
})
const figure = (of: keyof SchoolFigures) => {
  const { label, min, max } = SCHOOL_FIGURES[of]
  return z.number().min(min, `The ${label} is at least ${min}.`).max(max, `The ${label} is at most ${max}.`)
}
const school = z
  .object({
    spacing: figure('spacing'),
    bareShare: figure('bareShare'),
    bareCircleM: figure('bareCircleM'),
    singlesShare: figure('singlesShare'),
    paletteTolerance: figure('paletteTolerance'),
    evergreenShare: figure('evergreenShare'),
  })
  .partial()

/** A garden's brief as it crosses the wire; parsed on the way in and out. */
export const briefSchema = z.object({
  client: textSchema(120),
  purpose: z.enum(PURPOSES),
  manner: z.enum(MANNERS),
  school: z.enum(SCHOOL_IDS),
  months: z.array(month).max(12),
  requirements: z
    .array(
      z.object({
        trait: z.enum(TRAITS),
        weight: z.enum(['must', 'wish', 'never']),
        beds: z.array(idSchema).max(200),
      }),
    )
    .max(40),
  hoursAYear: z.number().min(0, 'Hours cannot be negative.').max(5000),
  budget: z.number().min(0, 'A budget cannot be negative.').max(10_000_000),
  phases: z.number().int().min(1, 'At least one phase.').max(12),
  likes: words,
  hates: words,
  stays: textSchema(2000),
  theme: theme.nullable(),
  schools: z.partialRecord(z.enum(SCHOOL_IDS), school),
})

type Loose<T> = T extends string | number | boolean | null
  ? T
  : T extends readonly (infer U)[]
    ? Loose<U>[]
    : T extends object
      ? { [K in keyof T]: Loose<Exclude<T[K], undefined>> }
      : T
true satisfies Same<Loose<z.infer<typeof briefSchema>>, Loose<Mutable<Brief>>>
