import { sizeFigures } from '../count'
import type { Plant } from '../plant'

/** Minutes of work, each stated and settable. Source: docs/grounds/papers, Order of works. */
export const MINUTES = {
  'plug or 9 cm pot': 4,
  '2 L pot': 8,
  '5 L pot': 15,
  '10 L pot': 25,
  tree: 90,
  'bulb (40 an hour)': 1.5,
  'm³ of soil dug': 180,
  'm² of ground cleared': 6,
  'm² of roots weeded out': 5,
  'm of edging': 20,
  'post or support': 30,
  'm of main water line': 6,
  'm of drip line': 2,
  'plant lifted or divided': 30,
  'm² watered in': 2,
  'm³ of mulch spread': 75,
  'm³ of gravel spread': 90,
  'search for services': 60,
} as const
export type Rate = keyof typeof MINUTES

export type RateOf = (rate: Rate) => number

const RATE_OF = {
  plug: 'plug or 9 cm pot',
  small: 'plug or 9 cm pot',
  pot: '2 L pot',
  large: '10 L pot',
  bulb: 'bulb (40 an hour)',
} as const
const FIVE_L = 4

/** Which rate a plant of a size is set at. */
export function rateFor(plant: Plant, size: string): Rate {
  if (plant.kind === 'tree') return 'tree'
  const { sizeClass, volumeL } = sizeFigures(size)
  return sizeClass === 'pot' && volumeL >= FIVE_L ? '5 L pot' : RATE_OF[sizeClass]
}
