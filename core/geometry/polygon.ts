import { polygonContains } from 'd3-polygon'
import type { Point } from './point'

/** Whether places lie inside a closed line (wraps d3-polygon). */
export function insideOf(line: readonly Point[]): (p: Point) => boolean {
  const corners = line.map((p): [number, number] => [p.x, p.y])
  return ({ x, y }) => polygonContains(corners, [x, y])
}

/** The nearest place of a closed line to another; its last point leads back to the first. */
export function nearestOn(line: readonly Point[], p: Point): Point {
  let best = line[0]!
  let least = Infinity
  line.forEach((a, i) => {
    const b = line[(i + 1) % line.length]!
    const dx = b.x - a.x
    const dy = b.y - a.y
    const long = dx * dx + dy * dy
    const u = long > 0 ? Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / long)) : 0
    const q = { x: a.x + dx * u, y: a.y + dy * u }
    const far = (q.x - p.x) ** 2 + (q.y - p.y) ** 2
    if (far < least) {
      least = far
      best = q
    }
  })
  return best
}
/** Area of a closed line, m². */
export function polygonArea(line: readonly Point[]): number {
  let twice = 0
  line.forEach((a, i) => {
    const b = line[(i + 1) % line.length]!
    twice += a.x * b.y - b.x * a.y
  })
  return Math.abs(twice) / 2
}
