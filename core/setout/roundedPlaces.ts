import { circleIndex, distance, insideOf, type Point } from '../geometry'
import { allowedDistanceM, LEAST_SHARE, type PlacedPlant } from '../layout'
import type { Units } from '../measure'

/** To what measures are rounded on the ground, metres: 5 cm, or 2 inches. Source: docs/grounds/papers, Set out. */
export const STEP_M: Readonly<Record<Units, number>> = { metric: 0.05, imperial: 2 * 0.0254 }
const EPSILON = 1e-9
/** A place that cannot be rounded so far is rounded to a fifth of the step. */
const FINER = 5

export interface RoundedPlace extends Point {
  readonly plant: PlacedPlant
  /** How far it was rounded, metres. */
  readonly movedM: number
}

/**
 * Places rounded to a lattice of `stepM` about `origin`. No two plants come nearer than the school allows at the least (or than they stand
 * already), and none leaves the bed: a place whose nearest round measure would do either takes the next, and one that finds none is
 * rounded finer.
 */
export function roundedPlaces(
  plants: readonly PlacedPlant[],
  spacing: number,
  stepM: number,
  origin: Point,
  outline: readonly Point[],
): RoundedPlace[] {
  const inside = insideOf(outline)
  const index = circleIndex(plants.map((p) => ({ x: p.x, y: p.y, r: p.plant.spreadM / 2 + 2 * stepM })))
  const now: Point[] = plants.map(({ x, y }) => ({ x, y }))
  return plants.map((plant, own) => {
    const r = plant.plant.spreadM / 2 + 2 * stepM
    const near = index.search(plant.x - r, plant.y - r, plant.x + r, plant.y + r)
    const least2 = near.map((i) => {
      const other = plants[i]!
      const apart2 = square(plant, other)
      // Those that stand in one place already, as it does with itself, keep no distance.
      if (apart2 === 0) return 0
      const allowed = allowedDistanceM(plant.plant, other.plant, spacing) * LEAST_SHARE
      return Math.max(0, Math.min(Math.sqrt(apart2), allowed) - EPSILON) ** 2
    })
    const mustBeIn = inside(plant)
    const isGood = (at: Point) =>
      near.every((i, n) => square(at, now[i]!) >= least2[n]!) && (!mustBeIn || inside(at))
    const at = candidates(plant, origin, stepM).find(isGood) ??
      candidates(plant, origin, stepM / FINER).find(isGood) ?? { x: plant.x, y: plant.y }
    now[own] = at
    return { plant, ...at, movedM: distance(plant, at) }
  })
}

const square = (a: Point, b: Point) => (a.x - b.x) ** 2 + (a.y - b.y) ** 2

/** The lattice's places about a point, the nearest first, as far as a step and a half. */
function candidates(p: Point, origin: Point, step: number): Point[] {
  const column = Math.round((p.x - origin.x) / step)
  const row = Math.round((p.y - origin.y) / step)
  const list: Point[] = []
  for (let dx = -1; dx <= 1; dx++)
    for (let dy = -1; dy <= 1; dy++)
      list.push({ x: origin.x + (column + dx) * step, y: origin.y + (row + dy) * step })
  return list.sort((a, b) => distance(a, p) - distance(b, p))
}
