import { once } from '../once'
import { mix } from '../colour'
import { clamp } from '../geometry'
import { libraryMonth, type Climate, type LibraryMonth, type PlaceMonth } from '../time'
import type { Plant } from './plant'

/** What a plant shows in one month, apart from its size. */
export interface Look {
  /** Colour of the leaves, or of bare twigs and dry stems when `state` says so. */
  readonly colour: string
  readonly state: 'leaf' | 'bare' | 'dry' | 'gone'
  /** Share of the full foliage that is out, 0-1. */
  readonly leaf: number
  /** Share of the year's height reached, 0-1. */
  readonly height: number
  /** Share of the full flower display, 0-1. */
  readonly flower: number
  /** Share of the full show of fruit, 0-1. */
  readonly fruit: number
  /** Optical density, 0-1. */
  readonly density: number
}

/** A look of nothing: died back, lifted, not yet planted. */
export const withoutShow = (look: Look): Look => ({
  ...look,
  state: 'gone',
  flower: 0,
  fruit: 0,
  leaf: 0,
  density: 0,
  height: 0,
})

/**
 * The look of a plant in a month (1-12) of a climate. Leaves come about a month before the last frost and go about three
 * weeks after the first one; bulbs follow their flower; annuals stand from the last frost to the first. Source:
 * design/calculations, Size over time.
 */
export function lookAt(plant: Plant, month: PlaceMonth, climate: Climate): Look {
  const months = looksIn(climate)(plant)
  return (months[month] ??= makeLook(plant, libraryMonth(month, climate), climate))
}

/** Pictures, judgement and the time bar ask for the same looks over and over; mixing colours is slow. */
const looksIn = once<Climate, (plant: Plant) => Look[]>(() => once(() => []))

const DRY_STEMS = '#8a7350'
const BARE_DENSITY = 0.3
const DRY_DENSITY = 0.6

function makeLook(plant: Plant, m: LibraryMonth, climate: Climate): Look {
  const leaf = leafShare(plant, m, climate)
  const state = stateOf(plant, leaf, m)
  return {
    colour: colourOf(plant, state, m),
    state,
    leaf: state === 'leaf' ? leaf : 0,
    height: heightShare(plant, state, leaf, m),
    flower: state === 'gone' ? 0 : flowerShare(plant, m),
    fruit: plant.fruit?.months.includes(m) && state !== 'gone' ? 1 : 0,
    density: plant.density * densityShare(state, leaf),
  }
}

function colourOf(plant: Plant, state: Look['state'], m: LibraryMonth): string {
  if (state === 'leaf') return seasonColour(plant, m)
  if (state === 'bare' && plant.bark?.months.includes(m)) return plant.bark.colour
  return state === 'bare' || plant.retention === 'stands' ? plant.foliage.winter : DRY_STEMS
}

function densityShare(state: Look['state'], leaf: number): number {
  switch (state) {
    case 'leaf':
      return 0.35 + 0.65 * leaf
    case 'bare':
      return BARE_DENSITY
    case 'dry':
      return DRY_DENSITY
    case 'gone':
      return 0
  }
}

/** Dry stems bend and break by the end of winter. */
const BENT = 0.85

function heightShare(plant: Plant, state: Look['state'], leaf: number, m: LibraryMonth): number {
  if (state === 'gone') return 0
  if (plant.lifeCycle === 'woody') return 1
  if (state === 'dry') return m <= 3 ? BENT : 1
  if (plant.lifeCycle === 'bulb' && plant.flowerMonths.includes(m)) return 1
  return clamp(0.25 + 0.75 * leaf, 0, 1)
}

function stateOf(plant: Plant, leaf: number, m: LibraryMonth): Look['state'] {
  if (leaf > 0.04) return 'leaf'
  const isShrub = plant.lifeCycle === 'woody' && plant.retention === 'semi-evergreen'
  if (plant.retention === 'deciduous' || isShrub) return 'bare'
  if (plant.retention === 'stands') return m >= 4 && m <= 9 ? 'gone' : 'dry'
  return 'gone'
}

/** Where there is no frost, short days still bring a rest: leaves come no earlier and go no later than by these. */
const EARLIEST_FROST = 3
const LATEST_FROST = 12.2

function leafShare(plant: Plant, m: LibraryMonth, climate: Climate): number {
  return plant.leafMonths.length > 0 ? ownMonths(plant, m, climate) : seasonLeaf(plant, m, climate)
}

const EDGE_OF_LEAF = 0.6
/** Bulbs of autumn flower before their leaves. */
const FLOWERS_ALONE = 0.06
/** Leaves in their own months, thinner in the first and the last; in a colder place no earlier than the season brings them. */
function ownMonths(plant: Plant, m: LibraryMonth, climate: Climate): number {
  const i = plant.leafMonths.indexOf(m)
  if (i < 0) return plant.lifeCycle === 'bulb' && plant.flowerMonths.includes(m) ? FLOWERS_ALONE : 0
  const own = i === 0 || i === plant.leafMonths.length - 1 ? EDGE_OF_LEAF : 1
  const fades = FALLING.has(plant.retention) ? seasonLeaf(plant, m, climate) : 1
  return Math.min(own, fades)
}

function seasonLeaf(plant: Plant, m: LibraryMonth, climate: Climate): number {
  const lastFrost = Math.max(EARLIEST_FROST, climate.lastFrost)
  const firstFrost = Math.min(LATEST_FROST, climate.firstFrost)
  const spring = clamp((m + 0.5 - (lastFrost - 1.1)) / 1.6, 0, 1)
  const autumn = clamp((firstFrost + 1 - (m + 0.5)) / 1.2, 0, 1)
  switch (plant.retention) {
    case 'evergreen':
      return 1
    case 'semi-evergreen':
      return Math.max(0.55, Math.min(spring, autumn))
    case 'deciduous':
    case 'dies-back':
      return Math.min(spring, autumn)
    case 'stands':
      return m > 9 && autumn < 0.6 ? 0 : Math.min(spring, clamp(autumn * 1.5, 0, 1))
    case 'one-season':
      return seasonal(m, climate)
    case 'summer-dormant':
      return bulbLeaf(plant, m)
  }
}

/** Planted out at the last frost, full in about nine weeks, gone at the first frost; a season without frost may run over the new year. */
function seasonal(m: LibraryMonth, { lastFrost, firstFrost }: Climate): number {
  const middle = [m - 11.5, m + 0.5, m + 12.5].find((x) => x >= lastFrost && x <= firstFrost + 0.4)
  return middle === undefined ? 0 : clamp(0.35 + (middle - lastFrost) / 2.1, 0, 1)
}

/** Leaves a month before the first flower, yellow away two months after the last; months may run over the new year. */
function bulbLeaf(plant: Plant, m: LibraryMonth): number {
  const months = plant.flowerMonths.length > 0 ? plant.flowerMonths : [4, 5]
  const shown = (offset: number) => months.includes(((m - 1 + offset + 12) % 12) + 1)
  if (shown(0)) return 1
  if (shown(-1)) return 0.7
  if (shown(1)) return 0.5
  return shown(-2) ? 0.25 : 0
}

/** Full in the middle of its months, thinner in the first and the last of three or more. */
function flowerShare(plant: Plant, m: LibraryMonth): number {
  const i = plant.flowerMonths.indexOf(m)
  if (i < 0) return 0
  const isEdge = i === 0 || i === plant.flowerMonths.length - 1
  return isEdge && plant.flowerMonths.length > 2 ? 0.6 : 1
}

type Foliage = Plant['foliage']
/** Leaf by month for what keeps it. */
const YEAR_ROUND: readonly ((f: Foliage) => string)[] = [
  (f) => f.winter,
  (f) => f.winter,
  (f) => mix(f.winter, f.spring, 0.5),
  (f) => f.spring,
  (f) => mix(f.spring, f.summer, 0.45),
  (f) => f.summer,
  (f) => f.summer,
  (f) => f.summer,
  (f) => mix(f.summer, f.autumn, 0.35),
  (f) => f.autumn,
  (f) => mix(f.autumn, f.winter, 0.4),
  (f) => f.winter,
]
const FALLING = new Set<Plant['retention']>(['deciduous', 'dies-back', 'stands'])

/** Leaves that fall are new until April and turn from October on, brown in November. */
function seasonColour({ foliage, retention, autumnMonths }: Plant, m: LibraryMonth): string {
  if (autumnMonths.includes(m)) return foliage.autumn
  if (FALLING.has(retention)) {
    if (m <= 4) return foliage.spring
    if (m === 11) return mix(foliage.autumn, '#7d5f43', 0.35)
    if (m >= 10) return foliage.autumn
  }
  return YEAR_ROUND[m - 1]!(foliage)
}
