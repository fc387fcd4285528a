import type { TraitId } from '../model'
import { EATERS, WATER_CLASSES, type Plant, type ToxicGrade } from '../plant'
import { minutesAYear } from '../care'

const OPEN_FLOWERS = new Set(['daisy', 'spike', 'plate', 'haze', 'panicle'])
const LONG_MONTHS = 3
/** What upsets the stomach of who eats much of it is told with the plant; a brief that says never means what harms. */
const HARMS: ReadonlySet<ToxicGrade> = new Set(['harmful', 'deadly'])
const HEAVY_MINUTES = 25

/** What each trait asks, in words, and whether a plant has it. Sources: columns of the plant library. */
export const TRAIT: Readonly<
  Record<TraitId, { readonly label: string; readonly good: boolean; readonly has: (p: Plant) => boolean }>
> = {
  evergreen: {
    label: 'evergreen bones',
    good: true,
    has: (p) => p.retention === 'evergreen' && p.lifeCycle === 'woody',
  },
  scent: { label: 'scent', good: true, has: (p) => p.fragrance !== 'none' },
  wildlife: { label: 'open flowers or fruit for wildlife', good: true, has: (p) => OPEN_FLOWERS.has(p.flowerForm) },
  'long-flower': { label: 'three months in flower', good: true, has: (p) => p.flowerMonths.length >= LONG_MONTHS },
  poison: {
    label: 'poisonous parts',
    good: false,
    has: (p) => EATERS.some((eater) => HARMS.has(p.toxicity[eater])),
  },
  sap: { label: 'irritant sap', good: false, has: (p) => p.hazards.includes('sap') },
  thorns: { label: 'thorns and spines', good: false, has: (p) => p.hazards.includes('thorns') },
  'deer-food': { label: 'what deer eat', good: false, has: (p) => p.deer === 'browsed' },
  'rabbit-food': { label: 'what rabbits eat', good: false, has: (p) => p.rabbits === 'browsed' },
  thirsty: {
    label: 'what suffers in drought',
    good: false,
    has: (p) => WATER_CLASSES.indexOf(p.water.driest) >= 2,
  },
  runs: { label: 'what runs or suckers', good: false, has: (p) => p.runMPerYear >= 0.08 },
  invasive: { label: 'what is invasive somewhere', good: false, has: (p) => p.invasiveNote !== '' },
  annual: {
    label: 'what is bought again every year',
    good: false,
    has: (p) => p.lifeCycle === 'annual' || p.lifeCycle === 'tender',
  },
  'heavy-work': { label: 'what asks much work', good: false, has: (p) => minutesAYear(p) > HEAVY_MINUTES },
}
