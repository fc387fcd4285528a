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

/** Ranked stand-ins that fit the site and keep the role of a plant, in a direction. Source: practice, Counting and buying (substitutes). */
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

function inDirection(p: Plant, from: Plant, direction: Direction): boolean {
  const h = fullHeightM(p)
  const was = fullHeightM(from)
  switch (direction) {
    case 'like it':
      return h < was * 1.6 && h > was * 0.5
    case 'taller':
      return h > was * 1.12 && h < was * 2.4
    case 'lower':
      return h < was * 0.88 && h > was * 0.3
    case 'narrower':
      return p.spreadM < from.spreadM * 0.88 && h > was * 0.6
    case 'safer':
      return p.hazards.length === 0 && p.invasiveNote === '' && h < was * 1.6 && h > was * 0.5
    case 'cheaper':
      return priceOf(p) < priceOf(from) * 0.92 && h < was * 1.6 && h > was * 0.5
    case 'evergreen':
      return p.retention === 'evergreen' && h < was * 1.6 && h > was * 0.5
  }
}

/** What one plant has over another, both ways, in a few words each. */
function compared(from: Plant, to: Plant): { lost: string[]; gained: string[] } {
  const lost: string[] = []
  const gained: string[] = []
  const months = (a: Plant, b: Plant) => a.flowerMonths.filter((m) => !b.flowerMonths.includes(m)).length
  if (months(from, to) > 0) lost.push(`${months(from, to)} months of flower`)
  if (months(to, from) > 0) gained.push(`${months(to, from)} months of flower`)
  const trait = (label: string, of: (p: Plant) => boolean) => {
    if (of(from) && !of(to)) lost.push(label)
    else if (of(to) && !of(from)) gained.push(label)
  }
  trait('leaf in winter', (p) => p.retention === 'evergreen')
  trait('scent', (p) => p.fragrance !== 'none')
  for (const [h, name] of [
    ['poison', 'poison'],
    ['sap', 'irritant sap'],
    ['thorns', 'thorns'],
  ] as const) {
    if (from.hazards.includes(h) && !to.hazards.includes(h)) gained.push(`no ${name}`)
    else if (to.hazards.includes(h) && !from.hazards.includes(h)) lost.push(`has ${name}`)
  }
  const h = fullHeightM(to) - fullHeightM(from)
  if (Math.abs(h) > 0.1) (h > 0 ? gained : lost).push(`${Math.abs(h).toFixed(1)} m of height`)
  if (Math.abs(to.spreadM - from.spreadM) > 0.1)
    gained.push(
      `${Math.abs(to.spreadM - from.spreadM).toFixed(1)} m ${to.spreadM > from.spreadM ? 'wider' : 'narrower'}`,
    )
  if (from.flowerColour && to.flowerColour && deltaE(from.flowerColour, to.flowerColour) > 20)
    lost.push('its flower colour')
  if (to.leafSize !== from.leafSize) gained.push(`${words(to.leafSize)} leaf`)
  const price = priceOf(to) - priceOf(from)
  if (Math.abs(price) > 2)
    (price < 0 ? gained : lost).push(`${Math.abs(price).toFixed(0)} ${price < 0 ? 'cheaper' : 'dearer'}`)
  const work = minutesAYear(to) - minutesAYear(from)
  if (Math.abs(work) > 8) (work < 0 ? gained : lost).push(work < 0 ? 'less work' : 'more work')
  return { lost, gained }
}
