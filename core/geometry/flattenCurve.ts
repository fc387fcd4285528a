import { distance, type Point } from './point'
import { nearestOn } from './polygon'

const DEEPEST = 14
const LOOKS = [0.25, 0.5, 0.75]
/** Beyond this no place is drawn, whatever its unit. */
const FARTHEST = 1e12
const isSane = (p: Point) => Math.abs(p.x) < FARTHEST && Math.abs(p.y) < FARTHEST

/**
 * Places along a curve from its start to its end (`at` from 0 to 1), halved until no place between two lies farther than `tolerance`
 * from their chord. What runs off beyond all measure is not followed. `pieces` is into how many the curve is cut first, so that no
 * wave falls between the looks.
 */
export function flattenCurve(at: (u: number) => Point, tolerance: number, pieces = 4): Point[] {
  const points = [at(0)]
  const isNear = (p: Point, a: Point, b: Point) => distance(nearestOn([a, b], p), p) <= tolerance
  const cut = (from: number, to: number, a: Point, b: Point, deep: number) => {
    const isFlat = !isSane(a) || !isSane(b) || LOOKS.every((k) => isNear(at(from + (to - from) * k), a, b))
    if (isFlat || deep >= DEEPEST) {
      points.push(b)
      return
    }
    const middle = (from + to) / 2
    const m = at(middle)
    cut(from, middle, a, m, deep + 1)
    cut(middle, to, m, b, deep + 1)
  }
  for (let i = 0; i < pieces; i++) {
    const [from, to] = [i / pieces, (i + 1) / pieces]
    cut(from, to, at(from), at(to), 0)
  }
  return points
}
