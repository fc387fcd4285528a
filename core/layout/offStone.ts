import type { Plant } from '../plant'

/** A plant leans over stone by two fifths of its half. */
const KEEPS_OFF = 0.6
const THREADS_M = 0.03

/** How far beyond the edge of a thing a plant's middle stands, metres: bulbs and climbers right beside it. */
export function offStoneM(plant: Plant, k: number): number {
  if (plant.kind === 'climber' || plant.spacingHabit === 'weaves') return THREADS_M
  return (KEEPS_OFF * k * plant.spreadM) / 2
}
