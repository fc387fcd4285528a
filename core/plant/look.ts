import { mix } from '../colour'
import { clamp } from '../geometry'
import { libraryMonth, type Climate } from './calendar'
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
  /** Optical density, 0-1. */
  readonly density: number
}

/**
 * The look of a plant in a month (1-12) of a climate. Leaves come about a month before the last frost and go about three
 * weeks after the first one; bulbs follow their flower; annuals stand from the last frost to the first. Source: design/calculations, Size over time.
 */
export function lookAt(plant: Plant, month: number, climate: Climate): Look {
  let plants = known.get(climate)
  if (!plants) known.set(climate, (plants = new WeakMap()))
  let months = plants.get(plant)
  if (!months) plants.set(plant, (months = []))
  return (months[month] ??= makeLook(plant, month, climate))
}

/** Pictures, judgement and the time bar ask for the same looks over and over; mixing colours is slow. */
const known = new WeakMap<Climate, WeakMap<Plant, Look[]>>()

function makeLook(plant: Plant, month: number, climate: Climate): Look {
  const m = libraryMonth(month, climate)
  const leaf = leafShare(plant, m, climate)
  const flower = flowerShare(plant, m)
  const state = stateOf(plant, leaf, m)
  const colour =
    state === 'leaf'
      ? seasonColour(plant, m)
      : state === 'bare'
        ? plant.foliage.winter
        : plant.retention === 'stands'
          ? plant.foliage.winter
          : '#8a7350'
  const density =
    state === 'leaf'
      ? plant.density * (0.35 + 0.65 * leaf)
      : state === 'bare'
        ? 0.3 * plant.density
        : state === 'dry'
          ? 0.6 * plant.density
          : 0
  const height =
    state === 'gone'
      ? 0
      : plant.lifeCycle === 'woody'
        ? 1
        : state === 'dry'
          ? m <= 3
            ? 0.85
            : 1
          : clamp(0.25 + 0.75 * leaf, 0, 1)
  return {
    colour,
    state,
    leaf: state === 'leaf' ? leaf : 0,
    height,
    flower: state === 'gone' ? 0 : flower,
    density,
  }
}

function stateOf(plant: Plant, leaf: number, m: number): Look['state'] {
  if (leaf > 0.04) return 'leaf'
  if (plant.retention === 'deciduous' || (plant.lifeCycle === 'woody' && plant.retention === 'semi-evergreen'))
    return 'bare'
  if (plant.retention === 'stands') return m >= 4 && m <= 9 ? 'gone' : 'dry'
  return 'gone'
}

function leafShare(plant: Plant, m: number, climate: Climate): number {
  const spring = clamp((m + 0.5 - (climate.lastFrost - 1.1)) / 1.6, 0, 1)
  const autumn = clamp((climate.firstFrost + 1 - (m + 0.5)) / 1.2, 0, 1)
  switch (plant.retention) {
    case 'evergreen':
      return 1
    case 'semi-evergreen':
      return Math.max(0.55, Math.min(spring, autumn))
    case 'deciduous':
      return Math.min(spring, autumn)
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

/** Planted out at the last frost, full in about nine weeks, gone at the first frost. */
function seasonal(m: number, climate: Climate): number {
  const middle = m + 0.5
  if (middle < climate.lastFrost || middle > climate.firstFrost + 0.4) return 0
  return clamp(0.35 + (middle - climate.lastFrost) / 2.1, 0, 1)
}

/** Leaves a month before the first flower, yellow away two months after the last. */
function bulbLeaf(plant: Plant, m: number): number {
  const first = plant.flowerMonths[0] ?? 4
  const last = plant.flowerMonths[plant.flowerMonths.length - 1] ?? 5
  if (m === first - 1) return 0.5
  if (m >= first && m <= last) return 1
  if (m === last + 1) return 0.7
  if (m === last + 2) return 0.25
  return 0
}

/** Full in the middle of its months, thinner in the first and the last of three or more. */
function flowerShare(plant: Plant, m: number): number {
  const i = plant.flowerMonths.indexOf(m)
  if (i < 0) return 0
  const edge = i === 0 || i === plant.flowerMonths.length - 1
  return edge && plant.flowerMonths.length > 2 ? 0.6 : 1
}

function seasonColour(plant: Plant, m: number): string {
  const { spring, summer, autumn, winter } = plant.foliage
  if (plant.retention === 'deciduous' || plant.retention === 'dies-back' || plant.retention === 'stands') {
    if (m <= 4) return spring
    if (m >= 10) return m === 11 ? mix(autumn, '#7d5f43', 0.35) : autumn
  }
  switch (m) {
    case 12:
    case 1:
    case 2:
      return winter
    case 3:
      return mix(winter, spring, 0.5)
    case 4:
      return spring
    case 5:
      return mix(spring, summer, 0.45)
    case 9:
      return mix(summer, autumn, 0.35)
    case 10:
      return autumn
    case 11:
      return mix(autumn, winter, 0.4)
    default:
      return summer
  }
}
