import type { Point } from './point'

/** The middle of the box about some places. */
export function middleOf(points: readonly Point[]): Point {
  const xs = points.map((p) => p.x)
  const ys = points.map((p) => p.y)
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }
}
