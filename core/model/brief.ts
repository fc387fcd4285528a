import { z } from 'zod'
import { HARMONIES } from '../colour'
import { colourSchema, idSchema, placeMonth, saidSchema, textSchema, type Frozen } from './basic'
import { MANNERS, PURPOSES, SCHOOL_IDS, TRAITS } from './codes'
import { schoolChanges } from './school'

const months = z.array(placeMonth).max(12)
/** Names or parts of names of plants. */
const words = z.array(saidSchema(80, 'A name', 'A name is needed.')).max(30, 'At most 30 names.')
/** What a garden's colours are: the backdrop they start from, and about three colours that answer it, each in its months (none: all). */
const themeSchema = z.object({
  harmony: z.enum(HARMONIES),
  base: colourSchema,
  colours: z.array(z.object({ colour: colourSchema, months })).max(8, 'At most eight colours: fewer read better.'),
})
/** What is asked of plants: a trait they must, should or must never have, everywhere or in some beds. */
const requirement = z.object({
  trait: z.enum(TRAITS),
  weight: z.enum(['must', 'wish', 'never']),
  /** Bed ids; empty for everywhere. */
  beds: z.array(idSchema).max(200),
})

/** What a garden is for, as agreed with those who use it. */
export const briefSchema = z.object({
  client: textSchema(120),
  purpose: z.enum(PURPOSES),
  manner: z.enum(MANNERS),
  school: z.enum(SCHOOL_IDS),
  /** Months in which it must look its best. */
  months,
  requirements: z.array(requirement).max(40),
  /** Hours of work a year that there are for all beds; 0 when not said. */
  hoursAYear: z.number().min(0, 'Hours cannot be negative.').max(5000),
  budget: z.number().min(0, 'A budget cannot be negative.').max(10_000_000),
  phases: z.number().int().min(1, 'At least one phase.').max(12),
  likes: words,
  hates: words,
  /** What stays where it is, in words. */
  stays: textSchema(2000),
  theme: themeSchema.nullable(),
  schools: schoolChanges,
})
export type Brief = Frozen<z.infer<typeof briefSchema>>
export type Requirement = Brief['requirements'][number]
