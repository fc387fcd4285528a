import { circleIndex } from '../geometry'
import type { PlacedPlant } from '../layout'
import { whole, type Range } from './range'
import type { Scene } from './scene'

/** Two plants side by side, metres between their middles; `a` is the one whose id comes first. */
export interface Pair {
  readonly a: PlacedPlant
  readonly b: PlacedPlant
  readonly distance: number
  readonly touch: number
}

/** Plants this many times half of both spreads apart still count as side by side. */
export const TOUCH = 1.15
/**
 * Pairs that touch or nearly do when mature (within 1.15 of half of both spreads), at least one of them planned; each once. A pair belongs
 * to the stretch in which its first plant stands, so that a part is judged just as the whole is.
 */
export function touchingPairs(scene: Scene, range: Range = whole): Pair[] {
  const { widestM } = scene
  const isPart = Number.isFinite(range.from)
  const beyond = widestM * TOUCH
  const own = isPart
    ? scene.own.filter((p) => p.along >= range.from - beyond && p.along <= range.to + beyond)
    : scene.own
  const index = circleIndex(own.map((p) => ({ x: p.x, y: p.y, r: p.plant.spreadM / 2 })))
  const pairs: Pair[] = []
  for (const a of own) {
    if (a.along < range.from || a.along > range.to) continue
    const reach = (a.plant.spreadM * TOUCH + widestM * (TOUCH - 1)) / 2
    for (const j of index.search(a.x - reach, a.y - reach, a.x + reach, a.y + reach)) {
      const b = own[j]!
      if (b.id <= a.id || (a.standing && b.standing)) continue
      const distance = Math.hypot(a.x - b.x, a.y - b.y)
      const touch = (a.plant.spreadM + b.plant.spreadM) / 2
      if (distance <= touch * TOUCH) pairs.push({ a, b, distance, touch })
    }
  }
  return pairs
}

/** Whether a plant is there to be seen and judged as a kind: not a gap kept free, nor something whose kind is not known. */
export const isKnownPlant = (p: PlacedPlant): boolean => !p.standing || (p.standing.known && !p.standing.gap)
