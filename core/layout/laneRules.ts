import type { BedKind } from '../model'
import { fromSpine } from '../bed'
import { fullHeightM, type Plant } from '../plant'

/** Heights in metres that part the lanes, from the tallest down, by how many there are before one another. */
const STEPS_M: Readonly<Record<number, readonly number[]>> = { 2: [0.6], 3: [1.1, 0.55], 4: [1.5, 0.9, 0.45] }

/** The lanes from the tallest to the lowest: back to front, and in a two-sided bed from the spine to the near front. */
function lanesDown(lanes: number, kind: BedKind): number[] {
  const all = Array.from({ length: lanes }, (_, i) => i)
  return kind === 'two-sided' ? all.filter((i) => fromSpine((i + 0.5) / lanes).front === 'near') : all
}

/** The lane a plant belongs in by its height, against what a bed of so many lanes can hold. */
export function laneFor(plant: Plant, lanes: number, kind: BedKind = 'foundation'): number {
  const down = lanesDown(lanes, kind)
  const h = fullHeightM(plant)
  return down[plant.kind === 'climber' ? 0 : (STEPS_M[down.length] ?? []).filter((least) => h < least).length]!
}

/** The far half of a two-sided bed mirrors the near one. */
const nearOf = (lane: number, lanes: number, kind: BedKind) =>
  kind === 'two-sided' ? Math.max(lane, lanes - 1 - lane) : lane

/** Whether a lane is one that a plant belongs in by its height. */
export const isLaneOf = (plant: Plant, lane: number, lanes: number, kind: BedKind = 'foundation'): boolean =>
  laneFor(plant, lanes, kind) === nearOf(lane, lanes, kind)

/** What stays below the lane behind, metres; no limit where the tallest stand. */
export function laneTopM(lane: number, lanes: number, kind: BedKind = 'foundation'): number {
  const down = lanesDown(lanes, kind)
  const step = down.indexOf(nearOf(lane, lanes, kind))
  return step <= 0 ? Infinity : STEPS_M[down.length]![step - 1]!
}
