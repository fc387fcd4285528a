import type { Bed, Drift } from '../model'
import type { Plant } from '../plant'

const LARGE_M = 1
const BULBS = 9
const A_FEW = 3

/** How a plant is first set: one of a big one, a few of a small one, a scatter of bulbs. */
function startOf({ spacingHabit, spreadM }: Plant): Pick<Drift, 'count' | 'pattern'> {
  if (spacingHabit === 'weaves') return { count: BULBS, pattern: 'mass' }
  if (spacingHabit === 'specimen' || spreadM >= LARGE_M) return { count: 1, pattern: 'row' }
  return { count: A_FEW, pattern: 'staggered' }
}

/** A first drift of a plant in a lane, `at` metres along the bed's front. */
export const firstDrift = (
  id: string,
  plant: Plant,
  lane: number,
  at: number,
  bed: Pick<Bed, 'laneShares'>,
): Drift => ({
  id,
  plantId: plant.id,
  lane: Math.min(lane, bed.laneShares.length - 1),
  ...startOf(plant),
  at,
  everyM: Math.max(0.5, plant.spreadM * 2),
})
