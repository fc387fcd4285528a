import type { Bed, Drift } from '~~/core/bed'
import { fullHeightM, type Plant } from '~~/core/plant'

export const newId = () => `d-${crypto.randomUUID().slice(0, 13)}`

/** The lane a plant belongs in by its height, against what a bed of so many lanes can hold: tallest at the back. */
export function laneFor(plant: Plant, lanes: number): number {
  const h = fullHeightM(plant)
  const steps = lanes === 2 ? [0.6] : lanes === 3 ? [1.1, 0.55] : lanes === 4 ? [1.5, 0.9, 0.45] : []
  return plant.kind === 'climber' ? 0 : steps.filter((least) => h < least).length
}

/** A first drift of a plant: one of a big one, a few of a small one, a scatter of bulbs. */
export function newDrift(plant: Plant, lane: number, at: number, bed: Bed): Drift {
  const bulb = plant.spacingHabit === 'weaves'
  const count = bulb ? 9 : plant.spacingHabit === 'specimen' || plant.spreadM >= 1 ? 1 : 3
  return { id: newId(), plantId: plant.id, lane: Math.min(lane, bed.laneShares.length - 1), count, pattern: count === 1 ? 'row' : bulb ? 'mass' : 'staggered', at, everyM: Math.max(0.5, plant.spreadM * 2) }
}
