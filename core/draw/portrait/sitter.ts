import type { Look, Plant } from '../../plant'

/** What is drawn: a plant at its size (metres) and with its look of the moment. */
export interface Sitter {
  readonly plant: Plant
  readonly look: Look
  readonly foliageM: number
  readonly flowerM: number
  readonly spreadM: number
}

/** Whether a plant keeps to the ground. */
export const isLow = (habit: MassShape['habit']) => habit === 'mat' || habit === 'trailing'

/** A part of the picture that foliage fills: an outline standing on `baseM`. */
export interface MassShape {
  readonly habit: Plant['habit'] | 'cloud'
  readonly baseM: number
  readonly heightM: number
  readonly spreadM: number
  readonly centreX?: number
}
