import type { BedFrame, Drift, Shape } from '../../bed'
import { isInside, type Point } from '../../geometry'
import { marchAlong } from '../alongRow'
import { LEAST_SHARE, ringCount } from '../spacing'
import { alongLine, shapeAt, type ShapeAt } from './shapeAt'

/** The places of a drift in its shape: those that fit of as many as it counts, and how many would fit at its spacing; metres in plan. */
export interface ShapeSpots {
  readonly spots: readonly Point[]
  readonly fits: number
  readonly at: ShapeAt
}

/** What a drift's shape is set in. */
export interface ShapeGround {
  readonly frame: BedFrame
  /** Whether a plant's middle may stand there. */
  readonly allows: (p: Point) => boolean
}

const ROW = Math.sqrt(3) / 2
const TRIES = 12
/** A lens or a ribbon that is full grows longer by this much at most. */
const GROWS = 1.5
const EPSILON = 1e-9

/**
 * Where `count` plants `d` apart stand in a shape. More than fit are squeezed evenly, to nine tenths of the spacing; a lens or a ribbon
 * then grows longer where the bed has room; what is left over has no place.
 */
export function shapeSpots(drift: Drift, shape: Shape, count: number, d: number, ground: ShapeGround): ShapeSpots {
  const at = shapeAt(drift, shape, ground.frame)
  const all = placesIn(drift, shape, at, count, d, ground)
  const fits = all.length
  if (fits >= count) return { spots: all.slice(0, count), fits, at }
  const squeezed = squeeze((share) => placesIn(drift, shape, at, count, d * share, ground), count)
  if (squeezed.length >= count || !growsLonger(shape)) return { spots: squeezed.slice(0, count), fits, at }
  const grown = grow(drift, shape, count, d * LEAST_SHARE, ground)
  return { spots: grown.spots.slice(0, count), fits, at: grown.at }
}

/** The widest spacing, down to the least, at which all have a place; the most places there are otherwise. */
function squeeze(places: (share: number) => readonly Point[], count: number): readonly Point[] {
  let low = LEAST_SHARE
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
    const spots = placesIn(drift, longer, at, count, d, ground)
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

/** All places of a shape at a spacing, those nearest its middle first. */
function placesIn(drift: Drift, shape: Shape, at: ShapeAt, count: number, d: number, ground: ShapeGround): Point[] {
  const allowed = (points: readonly Point[]) => points.filter(ground.allows)
  switch (shape.kind) {
    case 'lens':
    case 'outline':
      return allowed(fill(at, d))
    case 'ribbon':
      return allowed(alongRibbon(shape, at, d))
    case 'edge':
      return allowed(alongEdge(drift, shape, count, d, ground.frame))
    case 'ring':
      return []
    case 'grid':
      return allowed(inGrid(shape, at, count, d))
  }
}

/** A triangular grid in an outline: rows along the shape, the middle one through its middle; `N ≈ A / (d² √3/2)`. */
function fill({ outline, toPlan, middle }: ShapeAt, d: number): Point[] {
  if (!outline) return []
  const reach = Math.max(...outline.map((p) => Math.hypot(p.x - middle.x, p.y - middle.y)))
  const rows = Math.ceil(reach / (d * ROW))
  const columns = Math.ceil(reach / d) + 1
  const found: { p: Point; far: number }[] = []
  for (let r = -rows; r <= rows; r++)
    for (let c = -columns; c <= columns; c++) {
      const local = { x: (c + (r % 2 === 0 ? 0 : 0.5)) * d, y: r * d * ROW }
      const p = toPlan(local)
      if (isInside(outline, p)) found.push({ p, far: Math.hypot(local.x, local.y) })
    }
  return nearestFirst(found)
}

/** Rows along the line of a ribbon, as many as its width holds, staggered. */
function alongRibbon(shape: Extract<Shape, { kind: 'ribbon' }>, { toPlan }: ShapeAt, d: number): Point[] {
  const rows = 1 + Math.floor(shape.widthM / (d * ROW) + EPSILON)
  const found: { p: Point; far: number }[] = []
  for (let r = 0; r < rows; r++) {
    const off = (r - (rows - 1) / 2) * d * ROW
    for (const { p, n, far } of alongLine(shape.line, d, r % 2 === 1))
      found.push({ p: toPlan({ x: p.x + n.x * off, y: p.y + n.y * off }), far: far + Math.abs(off) * 0.01 })
  }
  return nearestFirst(found)
}

/** One row along an edge, from its middle to both sides; all round a closed bed at even steps when it is full. */
function alongEdge(
  { at }: Drift,
  shape: Extract<Shape, { kind: 'edge' }>,
  count: number,
  d: number,
  frame: BedFrame,
): Point[] {
  const out = (a: number) => (shape.edge === 'front' ? frame.depthAlong(a) - shape.distanceM : shape.distanceM)
  const as = marchAlong(frame, frame.alongAt(at), d, out, count)
  return as.map((a) => frame.at(a, out(a)))
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
  const most = Math.min(count, ringCount(radiusM, d * LEAST_SHARE))
  const spots = Array.from({ length: most }, (_, i) => {
    const turn = Math.PI / 2 + (2 * Math.PI * i) / most
    return { x: middle.x + radiusM * Math.cos(turn), y: middle.y + radiusM * Math.sin(turn) }
  })
  return { spots, fits }
}

const nearestFirst = (found: { p: Point; far: number }[]): Point[] =>
  found.sort((a, b) => (Math.abs(a.far - b.far) < EPSILON ? 0 : a.far - b.far)).map(({ p }) => p)
