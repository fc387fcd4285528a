import type { Drift } from '../../model'
import type { BedFrame } from '../../bed'
import type { Point } from '../../geometry'
import { shapeAt } from './shapeAt'

/** A hedge's middle line in plan (closed: its first point again at its end), and how wide its band is, metres. */
interface HedgeLine {
  readonly points: readonly Point[]
  readonly widthM: number
}

export function hedgeLine(drift: Drift, frame: BedFrame): HedgeLine {
  const { shape } = drift
  if (shape?.kind !== 'hedge') return { points: [], widthM: 0 }
  const { toPlan } = shapeAt(drift, shape, frame)
  return { points: closedUp(shape.line, shape.closed).map(toPlan), widthM: shape.widthM }
}

export const closedUp = (line: readonly Point[], isClosed: boolean): readonly Point[] =>
  isClosed && line.length > 2 ? [...line, line[0]!] : line

/** A crossing of two lines: where, and how far along the first, metres. */
interface Crossing extends Point {
  readonly way: number
  /** Whether the second goes under there. */
  readonly secondUnder: boolean
}

/** Where two bands cross, along the first: over and under by turns, the first over first. */
function crossingsOf(first: HedgeLine, second: HedgeLine): Crossing[] {
  const found: (Point & { way: number })[] = []
  let way = 0
  for (let i = 1; i < first.points.length; i++) {
    const [a, b] = [first.points[i - 1]!, first.points[i]!]
    const long = Math.hypot(b.x - a.x, b.y - a.y)
    for (let j = 1; j < second.points.length; j++) {
      const u = meeting(a, b, second.points[j - 1]!, second.points[j]!)
      if (u !== null) found.push({ x: a.x + (b.x - a.x) * u, y: a.y + (b.y - a.y) * u, way: way + u * long })
    }
    way += long
  }
  return found.sort((p, q) => p.way - q.way).map((c, i) => ({ ...c, secondUnder: i % 2 === 0 }))
}

/** The share of the first line at which two straight lines cross; null when they do not. */
function meeting(a: Point, b: Point, c: Point, d: Point): number | null {
  const [rx, ry, sx, sy] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y]
  const cross = rx * sy - ry * sx
  if (Math.abs(cross) < 1e-12) return null
  const u = ((c.x - a.x) * sy - (c.y - a.y) * sx) / cross
  const v = ((c.x - a.x) * ry - (c.y - a.y) * rx) / cross
  return u >= 0 && u < 1 && v >= 0 && v < 1 ? u : null
}

/** Whether a hedge stands at a place: not where a crossing band goes over it. */
export function notUnder(
  own: HedgeLine,
  others: readonly HedgeLine[],
  isBefore: readonly boolean[],
): (p: Point) => boolean {
  const under = others.flatMap((other, i) => {
    const crossings = isBefore[i] ? crossingsOf(other, own) : crossingsOf(own, other)
    const gapM = (other.widthM + own.widthM) / 2
    return crossings.filter((c) => c.secondUnder === isBefore[i]).map((c) => ({ ...c, gapM }))
  })
  return (p) => under.every((c) => Math.hypot(c.x - p.x, c.y - p.y) >= c.gapM * GAP_SHARE)
}

/** The band that goes over has its own plants there, on a line that is seldom square to this one: so much of both halves is left free. */
const GAP_SHARE = 1.1
