import { monthName, placeMonths, type Climate, type LibraryMonth } from '../time'
import { genusOf } from './plantWords'
import type { Plant } from './plant'

/** Conifers that shoot again from old wood; the others stay bare where they are cut. */
const CONIFERS_THAT_SHOOT = ['Taxus', 'Cryptomeria', 'Sciadopitys']
/** Shrubs whose old wood does not shoot again. */
const SHRUBS_THAT_DO_NOT = ['Lavandula', 'Daphne', 'Santolina', 'Helianthemum', 'Iberis', 'Thymus']

/** Whether a plant cut back hard shoots again. Source: docs/grounds/practice, Existing plants and renovation; Screens. */
export function shootsAgain(p: Plant): boolean {
  if (p.kind === 'conifer') return CONIFERS_THAT_SHOOT.includes(genusOf(p))
  if (p.lifeCycle !== 'woody') return p.lifeCycle === 'herbaceous'
  return !SHRUBS_THAT_DO_NOT.includes(genusOf(p))
}

/** Months (of the library) in which a plant is best moved. Perennials early, before the leaves grow big. */
export function movingMonths(p: Plant): readonly LibraryMonth[] {
  if (p.kind === 'conifer' || p.retention === 'evergreen') return [4, 9]
  if (p.lifeCycle === 'woody') return [3, 11]
  if (p.lifeCycle === 'bulb') return [6, 9]
  return p.flowerMonths.length > 0 && p.flowerMonths[0]! <= 5 ? [9, 10] : [4, 9]
}

/** Whether a plant can be divided at all: not what grows from one stem or on one deep root. */
export const divides = (p: Plant): boolean =>
  (p.lifeCycle === 'herbaceous' && p.root !== 'tap') || p.lifeCycle === 'bulb'

/** What to know before deciding what becomes of a plant, in one line. */
export function renovationAdvice(p: Plant, climate: Pick<Climate, 'southern'>): string {
  const months = placeMonths(movingMonths(p), climate).map(monthName).join(' or ')
  const big =
    p.lifeCycle === 'woody' && p.spreadM > 1.5
      ? '; a root ball this size wants more than one person and a hand truck'
      : ''
  return (
    `Move in ${months}${big}. ` +
    (shootsAgain(p)
      ? 'Cut hard, it shoots again.'
      : 'Cut into old wood it does not shoot again: take little, or take it out.') +
    (divides(p) ? ` Divide in ${months}.` : '')
  )
}
