import type { Point } from '../geometry'
import { bedTransform } from './bedPlace'
import { cornersOf, type PlacedThing, type ResolvedSite } from './resolve'

/** What stands round a bed, in the bed's own plan (x along the wall, y toward the viewer; metres). */
export interface Surroundings {
  /** The azimuth of the way out of the wall; null when nobody knows it. */
  readonly facesDeg: number | null
  readonly baseM: number
  readonly things: readonly PlacedThing[]
}

/** The site as a bed sees it; null when the bed has no place on the site. */
export function surroundingsOf(site: ResolvedSite, bedId: string): Surroundings | null {
  const place = site.beds.find((b) => b.bedId === bedId)
  if (!place) return null
  const { toBed, facesDeg } = bedTransform(place.at, place.lookDeg, site.northDeg)
  const moved = (t: PlacedThing): PlacedThing => {
    if ('outline' in t) return { ...t, outline: t.outline.map(toBed) }
    if ('line' in t) return { ...t, line: t.line.map(toBed) }
    return { ...t, at: toBed(t.at) }
  }
  return { facesDeg, baseM: place.baseM, things: site.things.map(moved) }
}

/** Distance from a place to a line or outline, metres. */
export function distanceTo(thing: PlacedThing, p: Point): number {
  const corners = cornersOf(thing)
  if (corners.length === 1) return Math.hypot(corners[0]!.x - p.x, corners[0]!.y - p.y)
  const closed = 'outline' in thing
  if (closed && holds(corners, p)) return 0
  let least = Infinity
  for (let i = 1; i < corners.length + (closed ? 1 : 0); i++)
    least = Math.min(least, toSegment(p, corners[i - 1]!, corners[i % corners.length]!))
  return least
}

/** Distance from a place to a segment, metres. */
export function toSegment(p: Point, a: Point, b: Point): number {
  const dx = b.x - a.x
  const dy = b.y - a.y
  const whole = dx * dx + dy * dy
  const u = whole === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / whole))
  return Math.hypot(a.x + dx * u - p.x, a.y + dy * u - p.y)
}

/** Whether an outline holds a place. */
export function holds(outline: readonly Point[], p: Point): boolean {
  let inside = false
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const a = outline[i]!
    const b = outline[j]!
    if (a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x) inside = !inside
  }
  return inside
}

const LEG_M = 3
const MEETS_M = 0.8

/**
 * Sight triangles where a drive meets a street: a corner of the drive, and 3 m each way. Source: docs/grounds/practice, Cautions;
 * the local code gives
 * the true lengths and the height.
 */
export function sightTriangles(things: readonly PlacedThing[]): Point[][] {
  const streets = things.filter((t) => t.kind === 'surface' && t.cover === 'street')
  const drives = things.filter((t) => t.kind === 'surface' && t.cover === 'drive')
  return drives.flatMap((drive) => {
    const corners = cornersOf(drive)
    const atStreet = corners.map((c) => streets.some((s) => distanceTo(s, c) < MEETS_M))
    const n = corners.length
    return corners.flatMap((c, i) => {
      const before = (i + n - 1) % n
      const after = (i + 1) % n
      if (!atStreet[i] || atStreet[before] === atStreet[after]) return []
      const [inner, other] = atStreet[before]
        ? [corners[after]!, corners[before]!]
        : [corners[before]!, corners[after]!]
      return [[c, step(c, inner, LEG_M), step(c, other, -LEG_M)]]
    })
  })
}

function step(from: Point, to: Point, by: number): Point {
  const d = Math.hypot(to.x - from.x, to.y - from.y) || 1
  return { x: from.x + ((to.x - from.x) / d) * by, y: from.y + ((to.y - from.y) / d) * by }
}

/** Middles of the doors of buildings, with their width. */
export function doorsOf(
  things: readonly PlacedThing[],
): { readonly name: string; readonly at: Point; readonly widthM: number }[] {
  return things.flatMap((t) =>
    t.kind !== 'building'
      ? []
      : t.openings
          .filter((o) => o.sillM < 0.3)
          .map((o) => {
            const a = t.outline[o.side % t.outline.length]!
            const b = t.outline[(o.side + 1) % t.outline.length]!
            return { name: t.name, at: step(a, b, o.alongM + o.widthM / 2), widthM: o.widthM }
          }),
  )
}
