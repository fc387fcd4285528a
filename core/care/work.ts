import type { Plant, PruningGroup } from '../plant'

/**
 * Visits a year and minutes a visit for a plant one metre across. Source: docs/grounds/calculations, Materials, water, work,
 * money (visits × minutes).
 */
export const PRUNING: Readonly<Record<PruningGroup, { readonly visits: number; readonly minutes: number }>> = {
  none: { visits: 0, minutes: 0 },
  'after-flowering': { visits: 1, minutes: 12 },
  'late-winter': { visits: 1, minutes: 10 },
  leaf: { visits: 1, minutes: 10 },
  clip: { visits: 2, minutes: 14 },
  'cut-down': { visits: 1, minutes: 5 },
  deadhead: { visits: 4, minutes: 4 },
}
/** A small plant asks for no less than one this wide. */
export const LEAST_SPREAD_M = 0.3
const REPLANT_MIN = 5
const STAKE_MIN = 4
const STAKED_FROM_M = 1.2
const WEED_MIN_PER_M2 = 14

/**
 * Minutes a year that one plant asks: pruning by its group and size, planting again when it lasts a season,
 * staking when tall and herbaceous.
 */
export function minutesAYear(p: Plant): number {
  const { visits, minutes } = PRUNING[p.pruningGroup]
  const size = Math.max(LEAST_SPREAD_M, p.spreadM)
  const stake =
    p.lifeCycle === 'herbaceous' && p.kind !== 'grass' && p.flowerHeightM > STAKED_FROM_M ? STAKE_MIN : 0
  return visits * minutes * size + replantingMin(p) + stake
}

function replantingMin({ lifeCycle }: Plant): number {
  if (lifeCycle === 'annual' || lifeCycle === 'tender') return REPLANT_MIN
  return lifeCycle === 'biennial' ? REPLANT_MIN / 2 : 0
}

/** Hours a year for plants and the weeding of a bed, whose cover keeps weeds down. */
export function hoursAYear(
  plants: readonly { readonly plant: Plant; readonly count: number }[],
  areaM2: number,
): number {
  const canopy = plants.reduce(
    (n, { plant, count }) => n + (plant.spacingHabit === 'weaves' ? 0 : count * Math.PI * (plant.spreadM / 2) ** 2),
    0,
  )
  const open = Math.max(0.1, 1 - canopy / Math.max(0.1, areaM2))
  return (
    (plants.reduce((n, { plant, count }) => n + count * minutesAYear(plant), 0) + areaM2 * open * WEED_MIN_PER_M2) /
    60
  )
}
