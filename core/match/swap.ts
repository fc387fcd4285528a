import { deltaE } from '../colour'
import { minutesAYear } from '../care'
import { fullHeightM, misfits, words, type Plant, type SiteConditions } from '../plant'
import { unlikeness } from './standIn'

export const DIRECTIONS = ['like it', 'taller', 'lower', 'narrower', 'safer', 'cheaper', 'evergreen'] as const
export type Direction = (typeof DIRECTIONS)[number]

/** A plant that could take another's place, with what would be lost and gained. */
export interface Swap {
  readonly plant: Plant
  readonly cost: number
  readonly lost: readonly string[]
  readonly gained: readonly string[]
}

/**
 * Ranked stand-ins that fit the site and keep the role of a plant, in a direction. Source: docs/grounds/practice, Counting and
 * buying (substitutes).
 */
export function swaps(
  library: Iterable<Plant>,
  from: Plant,
  site: SiteConditions,
  direction: Direction = 'like it',
  most = 6,
): Swap[] {
  return [...library]
    .filter(
      (p) =>
        p.id !== from.id &&
        (p.kind === 'climber') === (from.kind === 'climber') &&
        (p.lifeCycle === 'bulb') === (from.lifeCycle === 'bulb') &&
        inDirection(p, from, direction) &&
        misfits(p, site).length === 0,
    )
    .map((plant) => ({ plant, cost: unlikeness(from, plant) }))
    .sort((a, b) => a.cost - b.cost || (a.plant.id < b.plant.id ? -1 : 1))
    .slice(0, most)
    .map(({ plant, cost }) => ({ plant, cost, ...compared(from, plant) }))
}

const priceOf = (p: Plant) => p.sizes[0]?.price ?? 0

/** Heights over the height of the plant that goes, lowest and highest. */
const HEIGHTS: Readonly<Record<Direction, readonly [number, number]>> = {
  'like it': [0.5, 1.6],
  taller: [1.12, 2.4],
  lower: [0.3, 0.88],
  narrower: [0.6, Infinity],
  safer: [0.5, 1.6],
  cheaper: [0.5, 1.6],
  evergreen: [0.5, 1.6],
}
const ALSO: Partial<Readonly<Record<Direction, (p: Plant, from: Plant) => boolean>>> = {
  narrower: (p, from) => p.spreadM < from.spreadM * 0.88,
  safer: (p) => p.hazards.length === 0 && p.invasiveNote === '',
  cheaper: (p, from) => priceOf(p) < priceOf(from) * 0.92,
  evergreen: (p) => p.retention === 'evergreen',
}

function inDirection(p: Plant, from: Plant, direction: Direction): boolean {
  const [lowest, highest] = HEIGHTS[direction]
  const ratio = fullHeightM(p) / fullHeightM(from)
  return ratio > lowest && ratio < highest && (ALSO[direction]?.(p, from) ?? true)
}

type Words = readonly string[]
interface Compared {
  readonly lost: Words
  readonly gained: Words
}
const lost = (...words: string[]): Compared => ({ lost: words, gained: [] })
const gained = (...words: string[]): Compared => ({ lost: [], gained: words })
const NOTHING = lost()
const either = (isGain: boolean, words: string) => (isGain ? gained(words) : lost(words))

const TRAITS: readonly (readonly [string, (p: Plant) => boolean])[] = [
  ['leaf in winter', (p) => p.retention === 'evergreen'],
  ['scent', (p) => p.fragrance !== 'none'],
]
const HAZARDS = { poison: 'poison', sap: 'irritant sap', thorns: 'thorns' } as const

function comparedMonths(from: Plant, to: Plant): Compared {
  const over = (a: Plant, b: Plant) => {
    const months = a.flowerMonths.filter((m) => !b.flowerMonths.includes(m)).length
    return months > 0 ? [`${months} months of flower`] : []
  }
  return { lost: over(from, to), gained: over(to, from) }
}

const comparedTraits = (from: Plant, to: Plant): Compared[] =>
  TRAITS.map(([label, has]) => (has(from) === has(to) ? NOTHING : either(has(to), label)))

const comparedHazards = (from: Plant, to: Plant): Compared[] =>
  (Object.keys(HAZARDS) as (keyof typeof HAZARDS)[]).map((h) => {
    const [was, is] = [from.hazards.includes(h), to.hazards.includes(h)]
    if (was === is) return NOTHING
    return is ? lost(`has ${HAZARDS[h]}`) : gained(`no ${HAZARDS[h]}`)
  })

function comparedSize(from: Plant, to: Plant): Compared[] {
  const high = fullHeightM(to) - fullHeightM(from)
  const wide = to.spreadM - from.spreadM
  return [
    Math.abs(high) > 0.1 ? either(high > 0, `${Math.abs(high).toFixed(1)}\u202fm of height`) : NOTHING,
    Math.abs(wide) > 0.1
      ? gained(`${Math.abs(wide).toFixed(1)}\u202fm ${wide > 0 ? 'wider' : 'narrower'}`)
      : NOTHING,
  ]
}

function comparedLooks(from: Plant, to: Plant): Compared[] {
  const isOther = from.flowerColour && to.flowerColour && deltaE(from.flowerColour, to.flowerColour) > OTHER_COLOUR
  return [
    isOther ? lost('its flower colour') : NOTHING,
    to.leafSize === from.leafSize ? NOTHING : gained(`${words(to.leafSize)} leaf`),
  ]
}
const OTHER_COLOUR = 20

function comparedCost(from: Plant, to: Plant): Compared[] {
  const price = priceOf(to) - priceOf(from)
  const work = minutesAYear(to) - minutesAYear(from)
  const dear = `${Math.abs(price).toFixed(0)} ${price < 0 ? 'cheaper' : 'dearer'}`
  return [
    Math.abs(price) > 2 ? either(price < 0, dear) : NOTHING,
    Math.abs(work) > 8 ? either(work < 0, work < 0 ? 'less work' : 'more work') : NOTHING,
  ]
}

/** What one plant has over another, both ways, in a few words each. */
function compared(from: Plant, to: Plant): { lost: string[]; gained: string[] } {
  const all = [
    comparedMonths(from, to),
    ...comparedTraits(from, to),
    ...comparedHazards(from, to),
    ...comparedSize(from, to),
    ...comparedLooks(from, to),
    ...comparedCost(from, to),
  ]
  return { lost: all.flatMap((c) => c.lost), gained: all.flatMap((c) => c.gained) }
}
