import type { Drift, Shape } from '../../model'
import type { BedFrame } from '../../bed'
import { insideOf, lineLength, type Point } from '../../geometry'
import { marchAlong } from '../alongRow'
import { ringCount, SQUEEZED_SHARE } from '../spacing'
import { markedAlong } from './markedEdge'
import { namedSpots } from './namedSpots'
import { alongLine, shapeAt, type ShapeAt } from './shapeAt'
import { closedUp } from './hedge'

/** The places of a drift in its shape: those that fit of as many as it counts, and how many would fit at its spacing; metres in plan. */
interface ShapeSpots {
  readonly spots: readonly Point[]
  readonly fits: number
  readonly at: ShapeAt
}

/** What a drift's shape is set in. */
interface ShapeGround {
  readonly frame: BedFrame
  /** Whether a plant's middle may stand there. */
  readonly allows: (p: Point) => boolean
}

const ROW = Math.sqrt(3) / 2
const TRIES = 12
/** A lens or a ribbon that is full grows longer by this much at most. */
const GROWS = 1.5
const EPSILON = 1e-9
const EPSILON_M = 1e-6

/** A place about a shape's middle, and how far it lies from there, metres. */
interface Found extends Point {
  readonly far: number
}

/**
 * Where `count` plants `d` apart stand in a shape. More than fit are squeezed evenly, to nine tenths of the spacing; a lens or a ribbon
 * then grows longer where the bed has room; what is left over has no place.
 */
export function shapeSpots(drift: Drift, shape: Shape, count: number, d: number, ground: ShapeGround): ShapeSpots {
  const at = shapeAt(drift, shape, ground.frame)
  const all = placesIn(drift, shape, at, { count, spacingM: d }, ground)
  const fits = all.length
  if (fits >= count) return { spots: all.slice(0, count), fits, at }
  const squeezed = squeeze((share) => placesIn(drift, shape, at, { count, spacingM: d, share }, ground), count)
  if (squeezed.length >= count || !growsLonger(shape)) return { spots: squeezed.slice(0, count), fits, at }
  const grown = grow(drift, shape, count, d, ground)
  return { spots: grown.spots.slice(0, count), fits, at: grown.at }
}

/** The widest spacing, down to the least, at which all have a place; the most places there are otherwise. */
function squeeze(places: (share: number) => readonly Point[], count: number): readonly Point[] {
  let low = SQUEEZED_SHARE
  let best = places(low)
  if (best.length < count) return best
  let high = 1
  for (let i = 0; i < TRIES; i++) {
    const share = (low + high) / 2
    const now = places(share)
    if (now.length >= count) {
      best = now
      low = share
    } else high = share
  }
  return best
}

const growsLonger = (shape: Shape) => shape.kind === 'lens' || shape.kind === 'ribbon'

function grow(drift: Drift, shape: Shape, count: number, d: number, ground: ShapeGround) {
  let found = { at: shapeAt(drift, shape, ground.frame), spots: [] as readonly Point[] }
  for (let i = 0; i <= TRIES; i++) {
    const longer = lengthened(shape, 1 + ((GROWS - 1) * i) / TRIES)
    const at = shapeAt(drift, longer, ground.frame)
    const spots = placesIn(drift, longer, at, { count, spacingM: d, share: SQUEEZED_SHARE }, ground)
    if (spots.length > found.spots.length) found = { at, spots }
    if (spots.length >= count) break
  }
  return found
}

function lengthened(shape: Shape, by: number): Shape {
  if (shape.kind === 'lens') return { ...shape, lengthM: shape.lengthM * by }
  if (shape.kind !== 'ribbon') return shape
  return { ...shape, line: shape.line.map(({ x, y }) => ({ x: x * by, y: y * by })) }
}

/** How many, how far apart, and what share of that they may keep. */
interface Wanted {
  readonly count: number
  readonly spacingM: number
  readonly share?: number
}

/** All places of a shape at a spacing, those nearest its middle first. */
function placesIn(
  drift: Drift,
  shape: Shape,
  at: ShapeAt,
  { count, spacingM, share = 1 }: Wanted,
  ground: ShapeGround,
): Point[] {
  const d = spacingM * share
  const allowed = (points: readonly Point[]) => points.filter(ground.allows)
  switch (shape.kind) {
    case 'lens':
    case 'outline':
      return allowed(nearestFirst(fill(at, d), at, ground.frame))
    case 'ribbon':
      return allowed(nearestFirst(alongRibbon(shape, d), at, ground.frame))
    case 'edge':
      return allowed(alongEdge(drift, shape, count, d, ground.frame))
    case 'grid':
      return allowed(inGrid(shape, at, count, d))
    case 'hedge':
      return allowed(nearestFirst(alongHedge(shape, shape.stepM * share), at, ground.frame))
    case 'spots':
      return allowed(fromOwnSide(namedSpots(shape, ground.frame, d), at, ground.frame))
    case 'exact':
      return [at.middle]
    default:
      return []
  }
}

/** More cells are not looked at: the nearest to the middle hold far more plants than a drift can count. */
const MOST_CELLS = 40_000

/** A triangular grid in an outline: rows along the shape, the middle one through its middle; `N ≈ A / (d² √3/2)`. */
function fill({ local }: ShapeAt, d: number): Found[] {
  if (!local) return []
  const isInside = insideOf(local)
  const [left, right] = cellsOf(local.map((p) => p.x / d))
  const [top, bottom] = cellsOf(local.map((p) => p.y / (d * ROW)))
  const share = Math.min(1, Math.sqrt(MOST_CELLS / ((right - left + 1) * (bottom - top + 1))))
  const found: Found[] = []
  for (let r = Math.floor(top * share); r <= bottom * share; r++)
    for (let c = Math.floor(left * share) - 1; c <= right * share; c++) {
      const p = { x: (c + (r % 2 === 0 ? 0 : 0.5)) * d, y: r * d * ROW }
      if (isInside(p)) found.push({ ...p, far: Math.hypot(p.x, p.y) })
    }
  return found
}

const cellsOf = (ends: readonly number[]) => [Math.floor(Math.min(...ends)), Math.ceil(Math.max(...ends))] as const

/** Rows along the line of a ribbon, as many as its width holds, staggered. */
function alongRibbon(shape: Extract<Shape, { kind: 'ribbon' }>, d: number): Found[] {
  const rows = Math.min(MOST_ROWS, 1 + Math.floor(shape.widthM / (d * ROW) + EPSILON))
  const found: Found[] = []
  for (let r = 0; r < rows; r++) {
    const off = (r - (rows - 1) / 2) * d * ROW
    for (const { p, n, far } of alongLine(shape.line, d, r % 2 === 1, MOST_IN_ROW))
      found.push({ x: p.x + n.x * off, y: p.y + n.y * off, far })
  }
  return found
}

const MOST_ROWS = 100
const MOST_IN_ROW = 600

/** One row along an edge, from its middle to both sides; all round a closed bed at even steps when it is full. */
function alongEdge(
  { at }: Drift,
  shape: Extract<Shape, { kind: 'edge' }>,
  count: number,
  d: number,
  frame: BedFrame,
): Point[] {
  const out = (a: number) => (shape.edge === 'front' ? frame.depthAlong(a) - shape.distanceM : shape.distanceM)
  const middle = frame.alongAt(at)
  const marked = shape.corners === 'marked' ? markedAlong(frame, shape.edge, middle, d, out) : []
  const as = marked.length > 0 ? marked : marchAlong(frame, middle, d, out, count)
  return as.map((a) => frame.at(a, out(a)))
}

/** Along a hedge's line at its step, those nearest its middle first; all round a closed one at even steps. */
function alongHedge(shape: Extract<Shape, { kind: 'hedge' }>, stepM: number): Found[] {
  const line = closedUp(shape.line, shape.closed)
  if (line.length < 2) return []
  const found = (step: number, isEven: boolean) =>
    alongLine(line, step, isEven, MOST_IN_ROW).map(({ p, far }) => ({ ...p, far }))
  if (!shape.closed) return found(stepM, false)
  const whole = lineLength(line)
  const many = Math.max(1, Math.min(2 * MOST_IN_ROW, Math.floor(whole / stepM + EPSILON)))
  // Both ends of an odd number of steps round are one place.
  return found(whole / many, many % 2 === 0).slice(0, many)
}

/** Rows and columns about the middle. */
function inGrid(shape: Extract<Shape, { kind: 'grid' }>, { toPlan }: ShapeAt, count: number, d: number): Point[] {
  const step = Math.max(shape.stepM, d)
  const rows = Math.ceil(count / shape.columns)
  return Array.from({ length: count }, (_, i) => {
    const row = Math.floor(i / shape.columns)
    const inRow = Math.min(shape.columns, count - row * shape.columns)
    return toPlan({ x: ((i % shape.columns) - (inRow - 1) / 2) * step, y: (row - (rows - 1) / 2) * step })
  })
}

/** Places round a middle, one before it: `floor(π / asin(d / 2r))` fit; farther apart when there are fewer. */
export function ringSpots(
  middle: Point,
  radiusM: number,
  count: number,
  d: number,
): { spots: Point[]; fits: number } {
  const fits = ringCount(radiusM, d)
  const most = Math.min(count, ringCount(radiusM, d * SQUEEZED_SHARE))
  const spots = Array.from({ length: most }, (_, i) => {
    const turn = Math.PI / 2 + (2 * Math.PI * i) / most
    return { x: middle.x + radiusM * Math.cos(turn), y: middle.y + radiusM * Math.sin(turn) }
  })
  return { spots, fits }
}

/** From the side of the bed that the shape's own place lies on, so that it mirrors. */
function fromOwnSide(spots: readonly Point[], { middle }: ShapeAt, { firstX, lastX }: BedFrame): Point[] {
  const side = middle.x <= (firstX + lastX) / 2 ? 1 : -1
  const near = (a: number, b: number) => Math.round(a / EPSILON_M) - Math.round(b / EPSILON_M)
  return [...spots].sort((a, b) => near(a.x, b.x) * side || near(a.y, b.y))
}

/** In plan, those nearest the middle first; of equals the left ones, in the right half of a bed the right ones: it mirrors. */
function nearestFirst(found: readonly Found[], { toPlan, middle }: ShapeAt, { firstX, lastX }: BedFrame): Point[] {
  const side = middle.x <= (firstX + lastX) / 2 ? 1 : -1
  const near = (a: number, b: number) => Math.round(a / EPSILON_M) - Math.round(b / EPSILON_M)
  return [...found]
    .sort((a, b) => near(a.far, b.far) || near(a.x, b.x) * side || near(a.y, b.y))
    .map(({ x, y }) => toPlan({ x, y }))
}
