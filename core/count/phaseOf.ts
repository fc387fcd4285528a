import type { Plant } from '../plant'

/** Shrubs of this height stand as bones. */
const BONES_M = 0.9
/** A kind that comes back in so many groups is the thread of a planting. */
const THREAD_GROUPS = 3

/**
 * The phase in which a kind is planted, 1 to `phases`: bones first (trees, conifers, shrubs and what is tall and woody), then what runs
 * through the garden as its thread, then the body; annuals fill the gaps of the first year meanwhile. Source: docs/grounds/papers, Money.
 */
export function phaseOf(plant: Plant, groups: number, phases: number): number {
  if (phases <= 1) return 1
  const isBone = plant.lifeCycle === 'woody' && (plant.kind === 'tree' || plant.foliageHeightM >= BONES_M)
  if (isBone || plant.lifeCycle === 'annual' || plant.lifeCycle === 'tender') return 1
  return groups >= THREAD_GROUPS || plant.lifeCycle === 'woody' ? 2 : Math.min(3, phases)
}
