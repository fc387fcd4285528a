import type { Point } from './point'

/** Whether a place lies inside a closed line (even-odd). */
export function isInside(line: readonly Point[], { x, y }: Point): boolean {
  let inside = false
  for (let i = 0, j = line.length - 1; i < line.length; j = i++) {
    const a = line[i]!
    const b = line[j]!
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside
  }
  return inside
}

/** The nearest place of a line to another; of a closed one its last point leads back to the first. */
export function nearestOn(line: readonly Point[], p: Point, isClosed: boolean): Point {
  let best = line[0]!
  let least = Infinity
  const sides = isClosed ? line.length : line.length - 1
  for (let i = 0; i < sides; i++) {
    const a = line[i]!
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
  }
  return best
}
