import type { Point } from '../geometry'
import { cornersOf, type PlacedThing } from './resolve'
import { holds, toSegment } from './surroundings'

/** The thing under a place of the plan: small ones before large ones, lines within `reachM`. */
export function thingAt(things: readonly PlacedThing[], p: Point, reachM: number): PlacedThing | null {
  const points = things.filter(
    (t) => 'at' in t && Math.hypot(t.at.x - p.x, t.at.y - p.y) < Math.max(reachM, ownReachM(t)),
  )
  if (points.length > 0) return points.reduce((a, b) => (near(a, p) <= near(b, p) ? a : b))
  const line = things.find(
    (t) => 'line' in t && t.line.slice(1).some((b, i) => toSegment(p, t.line[i]!, b) < reachM),
  )
  if (line) return line
  const crown = things.find((t) => t.kind === 'tree' && Math.hypot(t.at.x - p.x, t.at.y - p.y) < t.spreadM / 2)
  if (crown) return crown
  const outlines = things.filter((t) => 'outline' in t && holds(t.outline, p))
  return outlines.length === 0 ? null : outlines.reduce((a, b) => (size(a) <= size(b) ? a : b))
}

/** How far from its middle a thing at a place can be taken hold of, metres. */
function ownReachM(t: PlacedThing): number {
  if (t.kind === 'tree') return Math.min(t.spreadM / 2, 0.6)
  return t.kind === 'feature' ? t.widthM / 2 : 0
}

const near = (t: PlacedThing, p: Point) => {
  const c = cornersOf(t)[0]!
  return Math.hypot(c.x - p.x, c.y - p.y)
}
const size = (t: PlacedThing) => {
  const c = cornersOf(t)
  let twice = 0
  c.forEach((a, i) => {
    const b = c[(i + 1) % c.length]!
    twice += a.x * b.y - b.x * a.y
  })
  return Math.abs(twice)
}

/** The box that holds all corners, crowns and beds of a site, metres; a small one about the origin when there is nothing. */
export function boundsOf(
  things: readonly PlacedThing[],
  extra: readonly Point[] = [],
): { x0: number; y0: number; x1: number; y1: number } {
  const all = [
    ...things.flatMap((t) =>
      t.kind === 'tree'
        ? [
            { x: t.at.x - t.spreadM / 2, y: t.at.y - t.spreadM / 2 },
            { x: t.at.x + t.spreadM / 2, y: t.at.y + t.spreadM / 2 },
          ]
        : cornersOf(t),
    ),
    ...extra,
  ]
  if (all.length === 0) return { x0: -8, y0: -6, x1: 8, y1: 6 }
  const xs = all.map((p) => p.x)
  const ys = all.map((p) => p.y)
  return { x0: Math.min(...xs), y0: Math.min(...ys), x1: Math.max(...xs), y1: Math.max(...ys) }
}
