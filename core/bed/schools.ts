import { once } from '../once'
import type { Bed, SchoolId, SchoolFigures, SchoolChanges } from '../model'

/** A way of planting as a set of figures with its reason; every finding that depends on one names the school. */
export interface School extends SchoolFigures {
  readonly id: SchoolId
  readonly name: string
  readonly reason: string
  readonly lines: 'straight' | 'free'
  readonly groups: 'odd always' | 'odd for anchors' | 'any'
  readonly tall: 'behind' | 'airy ones anywhere'
  readonly upkeep: 'clipped and deadheaded' | 'in between' | 'left to seed'
}

const layered: School = {
  id: 'layered',
  name: 'Layered foundation',
  spacing: 0.9,
  bareShare: 0.2,
  bareCircleM: 0.75,
  singlesShare: 0.4,
  paletteTolerance: 13,
  evergreenShare: 0.25,
  lines: 'free',
  groups: 'odd for anchors',
  tall: 'behind',
  upkeep: 'in between',
  reason: 'Neighbours meet and keep their shape; each row is seen over the one in front.',
}

export const SCHOOLS: Readonly<Record<SchoolId, School>> = {
  layered,
  'close-knit': {
    ...layered,
    id: 'close-knit',
    name: 'Loose and close-knit',
    spacing: 0.8,
    bareShare: 0.1,
    bareCircleM: 0.5,
    singlesShare: 0.6,
    paletteTolerance: 100,
    evergreenShare: 0.1,
    groups: 'any',
    tall: 'airy ones anywhere',
    upkeep: 'left to seed',
    reason: 'Closer than the label, so that everything knits and no soil shows.',
  },
  formal: {
    ...layered,
    id: 'formal',
    name: 'Formal',
    spacing: 1,
    bareShare: 0.3,
    bareCircleM: 0.9,
    singlesShare: 0.25,
    paletteTolerance: 11,
    evergreenShare: 0.4,
    lines: 'straight',
    groups: 'odd always',
    upkeep: 'clipped and deadheaded',
    reason: 'Label width: each plant shows its shape; straight lines, clipped edges, few kinds.',
  },
  carpet: {
    ...layered,
    id: 'carpet',
    name: 'Carpet of groundcovers',
    spacing: 0.85,
    bareShare: 0.06,
    bareCircleM: 0.45,
    singlesShare: 0.4,
    evergreenShare: 0.4,
    groups: 'any',
    reason: 'Groundcover closes over all soil between a few taller plants.',
  },
  screen: {
    ...layered,
    id: 'screen',
    name: 'Mixed screen',
    spacing: 0.85,
    bareShare: 0.3,
    bareCircleM: 1,
    singlesShare: 0.95,
    paletteTolerance: 100,
    evergreenShare: 0.35,
    groups: 'any',
    reason: 'One of each, so that one pest, storm or cold winter takes one plant and not the whole screen.',
  },
  'single-colour': {
    ...layered,
    id: 'single-colour',
    name: 'One colour with green',
    spacing: 0.85,
    bareCircleM: 0.6,
    paletteTolerance: 9,
    reason: 'One colour and all its greens: shape and texture do the rest.',
  },
  lush: {
    ...layered,
    id: 'lush',
    name: 'Lush and big-leaved',
    spacing: 0.75,
    bareShare: 0.05,
    bareCircleM: 0.5,
    singlesShare: 0.6,
    paletteTolerance: 100,
    evergreenShare: 0.1,
    groups: 'any',
    tall: 'airy ones anywhere',
    reason: 'Big leaves overlap on purpose; foliage first, flowers as they come.',
  },
  dry: {
    ...layered,
    id: 'dry',
    name: 'Dry and rosette',
    spacing: 1,
    bareShare: 0.45,
    bareCircleM: 1.2,
    singlesShare: 0.5,
    paletteTolerance: 100,
    evergreenShare: 0.35,
    reason: 'Gravel shows between plants that want their air; rosettes, silver and fine leaf.',
  },
}

/** Pots are planted this much closer than beds: they are fed, watered and replanted. */
const POT_CLOSER = 0.6
const schoolsBy = once<SchoolChanges, Map<string, School>>(() => new Map())
const NONE: SchoolChanges = {}

/** The school that a bed follows, with the garden's changes and its kind's own spacing. */
export function schoolOf(bed: Pick<Bed, 'school' | 'form'>, changes: SchoolChanges = NONE): School {
  const schools = schoolsBy(changes)
  const pot = bed.form.kind === 'container'
  const key = `${bed.school}${pot ? '/pot' : ''}`
  let school = schools.get(key)
  if (!school) {
    const own = { ...SCHOOLS[bed.school], ...changes[bed.school] }
    school = pot
      ? {
          ...own,
          spacing: own.spacing * POT_CLOSER,
          reason: `${own.reason} In pots ${POT_CLOSER} times as far apart.`,
        }
      : own
    schools.set(key, school)
  }
  return school
}
