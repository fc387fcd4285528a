import { words } from './fit'
import type { Plant } from './plant'
import type { PlantTraits } from './plantTraits'

const MOVES_WORDS = { well: 'moves well', 'with-care': 'moves with care', badly: 'moves badly' } as const
const STAKING_WORDS = { none: '', support: 'wants support', stake: 'wants a stake' } as const
const WOOD_WORDS = {
  none: '',
  old: 'flowers on last year’s wood',
  new: 'flowers on new wood',
  both: 'flowers on old and new wood',
} as const
const DROUGHT_WORDS = {
  low: 'suffers in drought',
  some: 'stands short drought once established',
  high: 'stands drought once established',
} as const
const SALT_WORDS = { shy: 'scorches in salt', some: '', tolerant: 'stands salt' } as const
const WIND_WORDS = { shy: 'wants shelter from wind', some: '', tolerant: 'stands wind' } as const
const joined = (parts: readonly string[]) => parts.filter(Boolean).join(', ')

/** How it grows: roots, moving, dividing, how long it lives, staking, the wood its flowers come on. */
export const growsWords = (p: Plant): string =>
  joined([
    `${p.root} roots`,
    MOVES_WORDS[p.moves],
    p.lifeCycle === 'annual' || p.lifeCycle === 'biennial' ? '' : `lives about ${p.lifespanYears} years`,
    p.divideYears > 0 ? `divided every ${p.divideYears} years` : '',
    STAKING_WORDS[p.staking],
    WOOD_WORDS[p.flowerWood],
    p.clematisGroup ? `pruning group ${p.clematisGroup}` : '',
    p.leastPotL > 0 ? `pots from ${p.leastPotL}\u202fL` : 'no plant for pots',
  ])

/** What it stands: drought, salt, wind, summer heat. */
export const standsWords = (p: Plant): string =>
  joined([
    DROUGHT_WORDS[p.drought],
    SALT_WORDS[p.salt],
    WIND_WORDS[p.wind],
    `heat zones ${p.heat.least} to ${p.heat.most}`,
  ])

function weeksWords(weeks: number): string {
  if (weeks === 0) return 'at the last frost'
  const many = Math.abs(weeks)
  return `${many} ${many === 1 ? 'week' : 'weeks'} ${weeks < 0 ? 'before' : 'after'} the last frost`
}

/** How seed is sown; empty when it is not grown from seed. */
export function sownWords({ sowing: s }: Pick<PlantTraits, 'sowing'>): string {
  if (!s) return ''
  return joined([
    `${s.where === 'direct' ? 'where it stands' : 'indoors'} ${weeksWords(s.weeks)}`,
    s.chillWeeks > 0 ? `after ${s.chillWeeks} weeks of cold` : '',
    s.light === 'any' ? '' : `in the ${s.light}`,
    `up in ${s.days.from} to ${s.days.to} days`,
    `${s.percent} % of them`,
  ])
}

const WINTER_WORDS = {
  lift: 'lifted',
  pot: 'kept in its pot',
  indoors: 'brought in',
  'let-go': 'let go at the frost',
} as const

/** What is done with it before winter and when it goes out again; empty when it stays out. */
export function winterWords({ tender: t }: Pick<PlantTraits, 'tender'>): string {
  if (!t) return ''
  return joined([
    WINTER_WORDS[t.how],
    t.storeC === null ? '' : `above ${t.storeC}\u202f°C`,
    t.outAboveC === null ? '' : `out again when nights stay above ${t.outAboveC}\u202f°C`,
  ])
}

const SOURCE_WORDS = {
  'hand-checked': 'figures looked at one by one',
  genus: 'some figures are those of the genus',
  list: 'from a list that was brought in',
} as const

/** Where its figures come from and how sure they are. */
export const sourceWords = (p: PlantTraits): string =>
  `${SOURCE_WORDS[p.source]}; ${words(p.confidence)} confidence`

/** What was taken from another plant, and from which; empty when all figures are its own. */
export function borrowedWords({ borrowed }: PlantTraits): string {
  if (!borrowed) return ''
  const columns = borrowed.columns.map((c) => c.replace(/_m$|_years$/, '').replaceAll('_', ' '))
  return `from ${borrowed.from}: ${columns.join(', ')}`
}
