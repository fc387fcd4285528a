import type { Bed, SchoolId } from './bed'

/** A way of planting as a set of figures; every finding that depends on one names the school. */
export interface School {
  readonly id: SchoolId
  readonly name: string
  /** Spacing factor k of `d = k (w1 + w2) / 2`. */
  readonly spacing: number
  /** Share of the bed that may be bare soil at maturity in summer. */
  readonly bareShare: number
  /** Largest bare circle tolerated at maturity, metres across. */
  readonly bareCircleM: number
  /** Share of the kinds that may stand as a single plant before the bed is called cluttered. */
  readonly singlesShare: number
  readonly reason: string
}

export const SCHOOLS: Readonly<Record<SchoolId, School>> = {
  layered: { id: 'layered', name: 'Layered foundation', spacing: 0.9, bareShare: 0.2, bareCircleM: 0.75, singlesShare: 0.4, reason: 'Neighbours meet and keep their shape; each row is seen over the one in front.' },
  'close-knit': { id: 'close-knit', name: 'Loose and close-knit', spacing: 0.8, bareShare: 0.1, bareCircleM: 0.5, singlesShare: 0.6, reason: 'Closer than the label, so that everything knits and no soil shows.' },
  formal: { id: 'formal', name: 'Formal', spacing: 1, bareShare: 0.3, bareCircleM: 0.9, singlesShare: 0.25, reason: 'Label width: each plant shows its shape.' },
  carpet: { id: 'carpet', name: 'Carpet of groundcovers', spacing: 0.85, bareShare: 0.06, bareCircleM: 0.45, singlesShare: 0.4, reason: 'Groundcover closes over all soil between a few taller plants.' },
  screen: { id: 'screen', name: 'Mixed screen', spacing: 0.85, bareShare: 0.3, bareCircleM: 1, singlesShare: 0.95, reason: 'One of each, so that one pest, storm or cold winter takes one plant and not the whole screen.' },
}

/** Pots are planted this much closer than beds: they are fed, watered and replanted. */
const POT_CLOSER = 0.6

const potSchools = Object.fromEntries(Object.values(SCHOOLS).map((s) => [s.id, { ...s, spacing: s.spacing * POT_CLOSER, reason: `${s.reason} In pots ${POT_CLOSER} times as far apart.` }])) as Readonly<Record<SchoolId, School>>

/** The school that a bed follows, with its kind's own spacing. */
export const schoolOf = (bed: Pick<Bed, 'school' | 'form'>): School => (bed.form.kind === 'container' ? potSchools : SCHOOLS)[bed.school]
