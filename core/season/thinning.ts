import { circleIndex } from '../geometry'
import type { Body } from '../layout'
import type { Plant } from '../plant'

/** Nearer than this share of their common reach, neighbours of a kind stand in one another. */
const TOO_NEAR = 0.55
/** When so many of a kind do, it is to be thinned. */
const MANY = 0.5

/** Kinds that have grown into one another: more than half of their plants stand nearer to one of their own than both can bear. */
export function toThin(bodies: readonly Body[]): Plant[] {
  const index = circleIndex(bodies.map((b) => ({ x: b.at.x, y: b.at.y, r: b.spreadM / 2 })))
  const counts = new Map<Plant, { all: number; near: number }>()
  bodies.forEach((b, i) => {
    const { plant, x, y } = b.at
    const count = counts.get(plant) ?? { all: 0, near: 0 }
    const r = b.spreadM / 2
    const isNear = index.search(x - r, y - r, x + r, y + r).some((k) => {
      const other = bodies[k]!
      if (k === i || other.at.plant !== plant) return false
      return Math.hypot(other.at.x - x, other.at.y - y) < TOO_NEAR * (r + other.spreadM / 2)
    })
    counts.set(plant, { all: count.all + 1, near: count.near + (isNear ? 1 : 0) })
  })
  return [...counts].filter(([, c]) => c.near > c.all * MANY).map(([plant]) => plant)
}
