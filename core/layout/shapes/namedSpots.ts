import { polygonCentroid } from 'd3-polygon'
import type { Shape } from '../../model'
import type { BedFrame } from '../../bed'
import { cornersOf, lerp, type Point } from '../../geometry'

/** A bed's corners, the middles of its sides, its middle, or places along its diagonals `d` apart, so far in from the edge; plan metres. */
export function namedSpots({ where, inM }: Extract<Shape, { kind: 'spots' }>, frame: BedFrame, d: number): Point[] {
  const corners = cornersOf(frame.outline, true)
  const middle = middleOf(frame)
  const toward = (p: Point, byM: number) => {
    const far = Math.hypot(middle.x - p.x, middle.y - p.y)
    const u = far > 0 ? Math.min(1, byM / far) : 0
    return { x: lerp(p.x, middle.x, u), y: lerp(p.y, middle.y, u) }
  }
  switch (where) {
    case 'corners':
      return corners.map((p) => toward(p, inM * Math.SQRT2))
    case 'sides':
      return corners.map((p, i) => {
        const q = corners[(i + 1) % corners.length]!
        return toward({ x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 }, inM)
      })
    case 'centre':
      return [middle]
    case 'diagonals':
      return corners.flatMap((p) => diagonal(toward(p, inM * Math.SQRT2), middle, d))
  }
}

/** Places from a corner toward the middle, which is left free. */
function diagonal(from: Point, middle: Point, d: number): Point[] {
  const long = Math.hypot(middle.x - from.x, middle.y - from.y)
  const many = Math.min(MOST, Math.floor((long - d) / d + 1e-9) + 1)
  return Array.from({ length: Math.max(0, many) }, (_, i) => ({
    x: lerp(from.x, middle.x, (i * d) / long),
    y: lerp(from.y, middle.y, (i * d) / long),
  }))
}
const MOST = 200

function middleOf({ outline, closed, at, runFrom }: BedFrame): Point {
  if (closed) {
    const inner = at(runFrom, 0)
    const xs = outline.map((p) => p.x)
    return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: inner.y }
  }
  const [x, y] = polygonCentroid(outline.map((p): [number, number] => [p.x, p.y]))
  return { x, y }
}
