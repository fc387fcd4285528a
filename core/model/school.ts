import { z } from 'zod'
import { SCHOOL_IDS } from './codes'
import type { Frozen } from './basic'
import { SCHOOL_FIGURES } from './schoolFigures'

const figure = (of: keyof typeof SCHOOL_FIGURES) => {
  const { label, min, max } = SCHOOL_FIGURES[of]
  return z.number().min(min, `The ${label} is at least ${min}.`).max(max, `The ${label} is at most ${max}.`)
}
/** The figures of a school; each can be changed for a garden. */
const schoolFigures = z.object({
  /** Spacing factor k of `d = k (w1 + w2) / 2`. */
  spacing: figure('spacing'),
  /** Share of the bed that may be bare soil at maturity in summer. */
  bareShare: figure('bareShare'),
  /** Largest bare circle tolerated at maturity, metres across. */
  bareCircleM: figure('bareCircleM'),
  /** Share of the kinds that may stand as a single plant before the bed is called cluttered. */
  singlesShare: figure('singlesShare'),
  /** How far a colour may lie from the theme's nearest, ΔE in OKLab × 100; 100 asks nothing. */
  paletteTolerance: figure('paletteTolerance'),
  /** Share of the canopy that should hold leaf in winter. */
  evergreenShare: figure('evergreenShare'),
})
export type SchoolFigures = Frozen<z.infer<typeof schoolFigures>>
/** Changed figures of schools, kept with a garden. */
export const schoolChanges = z.partialRecord(z.enum(SCHOOL_IDS), schoolFigures.partial())
export type SchoolChanges = Frozen<z.infer<typeof schoolChanges>>
