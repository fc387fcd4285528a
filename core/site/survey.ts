import type { Measure, Side, Spot, SurveyPoint } from '../model'
import { distance, type Point } from '../geometry'
import { fail, ok, type Result } from '../result'

const NEAR_M = 1e-6
const cm = (m: number) => `${m.toFixed(2)}\u202fm`

/** A point so far along the line from one point toward another, and so far out to its right (negative: left). Metres. */
export function byOffset(from: Point, to: Point, alongM: number, outM: number): Result<Point> {
  const length = distance(from, to)
  if (length < NEAR_M) return fail('The two points of the baseline lie on each other; choose two that are apart.')
  const ux = (to.x - from.x) / length
  const uy = (to.y - from.y) / length
  return ok({ x: from.x + ux * alongM + uy * outM, y: from.y + uy * alongM - ux * outM })
}

/**
 * A point by two tapes: so far from A and so far from B, on the side chosen when walking from A to B. Tapes that cannot meet are explained
 * with how much is missing. Source: intersection of two circles.
 */
export function byTapes(a: Point, aM: number, b: Point, bM: number, side: Side): Result<Point> {
  const base = distance(a, b)
  if (base < NEAR_M) return fail('The two tapes start from the same point; choose two points that are apart.')
  if (aM + bM < base - NEAR_M)
    return fail(
      `The tapes do not meet: ${cm(aM)} and ${cm(bM)} make ${cm(aM + bM)}, but the points are ${cm(base)} ` +
        `apart; ${cm(base - aM - bM)} are missing.`,
    )
  if (Math.abs(aM - bM) > base + NEAR_M)
    return fail(
      `The tapes do not meet: one is ${cm(Math.abs(aM - bM))} longer than the other, but the points are ` +
        `only ${cm(base)} apart; the ${aM > bM ? 'second' : 'first'} is ${cm(Math.abs(aM - bM) - base)} too ` +
        'short.',
    )
  const along = (aM * aM - bM * bM + base * base) / (2 * base)
  const out = Math.sqrt(Math.max(0, aM * aM - along * along))
  return byOffset(a, b, along, side === 'right' ? out : -out)
}

function needs(m: Measure): readonly string[] {
  if (m.kind === 'fixed') return []
  return m.kind === 'tapes' ? [m.a, m.b] : [m.from, m.to]
}

/** Where each surveyed point lies, and what is wrong with those that cannot be placed, by id. */
export function resolvePoints(points: readonly SurveyPoint[]): {
  readonly places: ReadonlyMap<string, Point>
  readonly problems: ReadonlyMap<string, string>
} {
  const places = new Map<string, Point>()
  const problems = new Map<string, string>()
  const byId = new Map(points.map((p) => [p.id, p]))
  const visit = (point: SurveyPoint, above: ReadonlySet<string>): void => {
    if (places.has(point.id) || problems.has(point.id)) return
    const under = new Set(above).add(point.id)
    for (const id of needs(point.measure)) {
      const needed = byId.get(id)
      if (!needed) {
        problems.set(point.id, 'It is measured from a point that is not there any more; choose another.')
        return
      }
      if (under.has(id)) {
        problems.set(
          point.id,
          `It is measured from ${needed.name}, which is measured from it in turn; measure one of them from elsewhere.`,
        )
        return
      }
      visit(needed, under)
      if (!places.has(id)) {
        problems.set(
          point.id,
          problems.get(point.id) ?? `It is measured from ${needed.name}, which has no place itself.`,
        )
        return
      }
    }
    const place = placeOf(point.measure, (id) => places.get(id)!)
    if (place.ok) places.set(point.id, place.value)
    else problems.set(point.id, place.error)
  }
  for (const point of points) visit(point, new Set())
  return { places, problems }
}

function placeOf(m: Measure, at: (id: string) => Point): Result<Point> {
  switch (m.kind) {
    case 'fixed':
      return ok({ x: m.x, y: m.y })
    case 'offset':
      return byOffset(at(m.from), at(m.to), m.alongM, m.outM)
    case 'running':
      return byOffset(at(m.from), at(m.to), m.alongM, 0)
    case 'tapes':
      return byTapes(at(m.a), m.aM, at(m.b), m.bM, m.side)
  }
}

/**
 * The measure that would put a point at a place: what dragging it in the plan writes into the field book. A
 * running measure keeps to its line.
 */
export function measureTo(m: Measure, place: Point, places: ReadonlyMap<string, Point>): Measure {
  const round = (n: number) => Math.round(n * 1000) / 1000
  if (m.kind === 'fixed') return { kind: 'fixed', x: round(place.x), y: round(place.y) }
  const [first, second] = needs(m)
  const a = places.get(first!)
  const b = places.get(second!)
  if (!a || !b || distance(a, b) < NEAR_M) return m
  const length = distance(a, b)
  const ux = (b.x - a.x) / length
  const uy = (b.y - a.y) / length
  const along = (place.x - a.x) * ux + (place.y - a.y) * uy
  const out = (place.x - a.x) * uy - (place.y - a.y) * ux
  if (m.kind === 'offset') return { ...m, alongM: round(along), outM: round(out) }
  if (m.kind === 'running') return { ...m, alongM: round(along) }
  return { ...m, aM: round(distance(a, place)), bM: round(distance(b, place)), side: out >= 0 ? 'right' : 'left' }
}

/** The place of a corner; a corner fixed to a point without a place lies at the origin. */
export const spotAt = (spot: Spot, places: ReadonlyMap<string, Point>): Point =>
  'of' in spot ? (places.get(spot.of) ?? { x: 0, y: 0 }) : spot

/** What a walk round an outline by lengths and headings fails to close by, and each corner with the error spread along the way. */
interface Closing {
  readonly errorM: number
  readonly lengthM: number
  readonly perCent: number
  readonly spread: readonly Point[]
}

/**
 * The closing error of a measured outline whose last point should be its first again, and the outline with the error spread over the
 * corners in proportion to the length walked. Source: Bowditch's rule (compass rule).
 */
export function closing(walk: readonly Point[]): Closing {
  const first = walk[0]!
  const last = walk[walk.length - 1]!
  const dx = last.x - first.x
  const dy = last.y - first.y
  let length = 0
  const walked = walk.map((p, i) => (length += i === 0 ? 0 : distance(walk[i - 1]!, p)))
  const errorM = Math.hypot(dx, dy)
  return {
    errorM,
    lengthM: length,
    perCent: length > 0 ? (errorM / length) * 100 : 0,
    spread: walk.slice(0, -1).map((p, i) => {
      const u = length > 0 ? walked[i]! / length : 0
      return { x: p.x - dx * u, y: p.y - dy * u }
    }),
  }
}
