import { polygonCentroid } from 'd3-polygon'
import type { CourtForm, RoundEdge } from '../model'
import type { Point } from '../geometry'
import type { Placing } from './form'

/** Sides of a round court's whole edge. */
const ROUND_SIDES = 96
const DEG = Math.PI / 180

const segmentsOf = (form: CourtForm) => form.segments ?? 4
const planOf = (form: CourtForm) => form.plan ?? 'square'
/** Whether a court has four rectangular quarters. */
export const hasQuarters = (form: CourtForm) => planOf(form) === 'square' && segmentsOf(form) === 4 && !form.centreM

/** The planned segment of a court as a closed edge about its own middle: the one to the upper left. */
export function segmentEdge(form: CourtForm): RoundEdge {
  if (hasQuarters(form)) return quarterEdge(form)
  const whole = segmentInCourt(form)
  const middle = middleOfSegment(whole)
  const stations = whole.map((p) => ({ x: mm(p.x - middle.x), y: mm(p.y - middle.y) }))
  return { smooth: false, stations: fromLeft(stations) }
}

/** Whether a court's figures leave ground to plant. */
export const hasSegment = (form: CourtForm): boolean => hasQuarters(form) || segmentInCourt(form).length >= 3

/** Rectangular quarter between two paths. */
function quarterEdge({ widthM, depthM, pathM }: CourtForm): RoundEdge {
  const w = (widthM - pathM) / 4
  const d = (depthM - pathM) / 4
  return {
    smooth: false,
    stations: [
      { x: -w, y: d },
      { x: w, y: d },
      { x: w, y: -d },
      { x: -w, y: -d },
    ],
  }
}

/** The planned segment about the court's middle: its whole edge, cut by the paths at both sides and by what is open about the middle. */
function segmentInCourt(form: CourtForm): Point[] {
  const { pathM, centreM = 0 } = form
  const [from, to] = spokesOf(form)
  const half = pathM / 2
  let ground = courtEdge(form)
  ground = cut(ground, side(from), half)
  ground = cut(ground, side(to + 180), half)
  // A straight cut square to the segment's middle line, clear of the circle that is kept open.
  const bisector = ((from + to) / 2) * DEG
  return centreM > 0 ? cut(ground, { x: Math.cos(bisector), y: Math.sin(bisector) }, centreM) : ground
}

/** Directions of the planned segment's two spokes, degrees clockwise as drawn from the right; spokes of four lie along the paths. */
function spokesOf(form: CourtForm): readonly [number, number] {
  const each = 360 / segmentsOf(form)
  const first = segmentsOf(form) === 6 ? 210 : 180
  return [first, first + each]
}

/** The way into a segment square to its spoke. */
const side = (deg: number): Point => ({ x: -Math.sin(deg * DEG), y: Math.cos(deg * DEG) })

/** The whole edge of a court about its middle, clockwise as drawn from the upper left or from the right. Metres. */
export function courtEdge(form: CourtForm): Point[] {
  const [a, b] = [form.widthM / 2, form.depthM / 2]
  if (planOf(form) === 'square')
    return [
      { x: -a, y: -b },
      { x: a, y: -b },
      { x: a, y: b },
      { x: -a, y: b },
    ]
  return Array.from({ length: ROUND_SIDES }, (_, i) => {
    const turn = ((i + 0.5) / ROUND_SIDES) * 2 * Math.PI
    return { x: a * Math.cos(turn), y: b * Math.sin(turn) }
  })
}

/** What of a convex ground lies at least so far from the middle in a direction. */
function cut(ground: readonly Point[], { x: nx, y: ny }: Point, atLeastM: number): Point[] {
  const far = (p: Point) => p.x * nx + p.y * ny - atLeastM
  return ground.flatMap((p, i) => {
    const q = ground[(i + 1) % ground.length]!
    const [dp, dq] = [far(p), far(q)]
    const kept = dp >= 0 ? [p] : []
    if (dp < 0 === dq < 0) return kept
    const u = dp / (dp - dq)
    return [...kept, { x: p.x + (q.x - p.x) * u, y: p.y + (q.y - p.y) * u }]
  })
}

function middleOfSegment(points: readonly Point[]): Point {
  const [x, y] = polygonCentroid(points.map((p): [number, number] => [p.x, p.y]))
  return { x, y }
}

/** Stations go round clockwise as drawn from the left, along the near side first. */
function fromLeft(points: readonly Point[]): Point[] {
  const score = (p: Point) => p.x - p.y * 0.01
  const first = points.reduce((best, p, i) => (score(p) < score(points[best]!) ? i : best), 0)
  const turned = [...points.slice(first), ...points.slice(0, first)]
  return [turned[0]!, ...turned.slice(1).reverse()]
}

/** Where all segments lie against the planned one, the planned one first, going round clockwise. */
export function courtPlacings(form: CourtForm): readonly Placing[] {
  const { repeat } = form
  if (hasQuarters(form)) return repeat === 'turned' ? turnedQuarters(form) : mirroredQuarters(form)
  const many = segmentsOf(form)
  const each = 360 / many
  const first = spokesOf(form)[0]
  const middle = middleOfSegment(segmentInCourt(form))
  return Array.from({ length: many }, (_, i) => {
    const mirrored = repeat === 'mirrored' && i % 2 === 1
    const turnDeg = mirrored ? 2 * first + (i + 1) * each - 180 : i * each
    return aboutMiddle(middle, ((turnDeg % 360) + 360) % 360, mirrored)
  })
}

/** A turn (and a mirroring) about the court's middle, as it moves places about the planned segment's own middle. */
function aboutMiddle(own: Point, turnDeg: number, mirrored: boolean): Placing {
  const a = turnDeg * DEG
  const px = mirrored ? -own.x : own.x
  const x = px * Math.cos(a) - own.y * Math.sin(a) - own.x
  const y = px * Math.sin(a) + own.y * Math.cos(a) - own.y
  return { x: mm(x), y: mm(y), turnDeg, mirrored }
}

const mm = (n: number) => Math.round(n * 1e6) / 1e6

const centreOf = (form: CourtForm) => ({ x: (form.widthM + form.pathM) / 2, y: (form.depthM + form.pathM) / 2 })

function turnedQuarters(form: CourtForm): Placing[] {
  const { x, y } = centreOf(form)
  return [
    { x: 0, y: 0, turnDeg: 0, mirrored: false },
    { x, y: 0, turnDeg: 90, mirrored: false },
    { x, y, turnDeg: 180, mirrored: false },
    { x: 0, y, turnDeg: 270, mirrored: false },
  ]
}

function mirroredQuarters(form: CourtForm): Placing[] {
  const { x, y } = centreOf(form)
  return [
    { x: 0, y: 0, turnDeg: 0, mirrored: false },
    { x, y: 0, turnDeg: 0, mirrored: true },
    { x, y, turnDeg: 180, mirrored: false },
    { x: 0, y, turnDeg: 180, mirrored: true },
  ]
}

/** The middle of a court in the plan of its planned segment. */
export function courtMiddle(form: CourtForm): Point {
  if (hasQuarters(form)) {
    const { x, y } = centreOf(form)
    return { x: x / 2, y: y / 2 }
  }
  const own = middleOfSegment(segmentInCourt(form))
  return { x: -own.x, y: -own.y }
}
