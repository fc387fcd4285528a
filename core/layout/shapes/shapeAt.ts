import type { Drift, Shape } from '../../model'
import type { BedFrame } from '../../bed'
import { bandAbout, distance, lerp, square, type Point } from '../../geometry'

/** A drift's shape as it lies in its bed: its middle, the way along the bed there, and its outline when it has one; metres in plan. */
export interface ShapeAt {
  readonly middle: Point
  /** A place of the shape (x along the bed, y toward its front) in plan. */
  readonly toPlan: (p: Point) => Point
  readonly outline: readonly Point[] | null
  /** The same about the shape's own middle. */
  readonly local: readonly Point[] | null
}

const LENS_SIDES = 20
const STEP_M = 0.05

/** Where a shape lies. */
export function shapeAt(
  drift: Drift,
  shape: Shape,
  frame: BedFrame,
  middle: Point = middleOf(drift, shape, frame),
): ShapeAt {
  const turn = wayAlong(drift, shape, frame)
  const toPlan = ({ x, y }: Point) => ({
    x: middle.x + x * turn.cos - y * turn.sin,
    y: middle.y + x * turn.sin + y * turn.cos,
  })
  const local = outlineOf(shape)
  return { middle, toPlan, local, outline: local && local.map(toPlan) }
}

function middleOf({ at }: Drift, { out }: Shape, frame: BedFrame): Point {
  const a = frame.alongAt(at)
  return frame.at(a, out * frame.depthAlong(a))
}

/** The turn of a shape: along the bed where it goes round, its own slant besides. */
function wayAlong({ at }: Drift, shape: Shape, frame: BedFrame): { cos: number; sin: number } {
  const angle = bedAngle(at, shape.out, frame) + (turnOf(shape) * Math.PI) / 180
  return { cos: Math.cos(angle), sin: Math.sin(angle) }
}

function turnOf(shape: Shape): number {
  if (shape.kind === 'lens') return shape.slantDeg
  return shape.kind === 'grid' ? shape.turnDeg : 0
}

function bedAngle(at: number, out: number, frame: BedFrame): number {
  if (!frame.closed) return 0
  const a = frame.alongAt(at)
  const v = Math.max(0.05, out * frame.depthAlong(a))
  const p = frame.at(a - STEP_M, v)
  const q = frame.at(a + STEP_M, v)
  return Math.atan2(q.y - p.y, q.x - p.x)
}

/** The outline of a shape about its middle; null for those that are rows. */
function outlineOf(shape: Shape): Point[] | null {
  switch (shape.kind) {
    case 'lens':
      return lens(shape.lengthM / 2, shape.widthM / 2)
    case 'outline':
      return [...shape.points]
    case 'ribbon':
      return bandAbout(shape.line, shape.widthM / 2)
    case 'hedge':
      return shape.closed ? null : bandAbout(shape.line, shape.widthM / 2)
    case 'scatter':
      return box(shape.lengthM / 2, shape.widthM / 2)
    default:
      return null
  }
}

const box = (a: number, b: number): Point[] => [
  { x: -a, y: -b },
  { x: a, y: -b },
  { x: a, y: b },
  { x: -a, y: b },
]

/** Two arcs that meet in points: `y = w (1 − (x/a)²)`; its area is ⅔ of length by width. */
function lens(a: number, w: number): Point[] {
  const side = Array.from({ length: LENS_SIDES + 1 }, (_, i) => {
    const x = (2 * i) / LENS_SIDES - 1
    return { x: x * a, y: w * (1 - x * x) }
  })
  return [
    ...side,
    ...side
      .slice(1, -1)
      .reverse()
      .map(({ x, y }) => ({ x, y: -y })),
  ]
}

/** Places along a line every so often from its middle to both ends, at most so many; none in the middle itself when `isEven`. */
export function alongLine(
  line: readonly Point[],
  stepM: number,
  isEven: boolean,
  most: number,
): { p: Point; n: Point; far: number }[] {
  const lengths = [0]
  for (let i = 1; i < line.length; i++) lengths.push(lengths[i - 1]! + distance(line[i]!, line[i - 1]!))
  const whole = lengths[lengths.length - 1]!
  const at = (s: number) => {
    const beyond = lengths.findIndex((l) => l > s)
    const i = beyond < 0 ? line.length - 2 : Math.max(0, beyond - 1)
    const a = line[i]!
    const b = line[i + 1]!
    const u = (s - lengths[i]!) / Math.max(1e-9, lengths[i + 1]! - lengths[i]!)
    return { p: { x: lerp(a.x, b.x, u), y: lerp(a.y, b.y, u) }, n: square(a, b), far: Math.abs(s - whole / 2) }
  }
  const spots: { p: Point; n: Point; far: number }[] = []
  for (let s = isEven ? stepM / 2 : 0; s <= whole / 2 + 1e-9 && spots.length < most; s += stepM) {
    if (s > 0) spots.push(at(whole / 2 - s))
    spots.push(at(whole / 2 + s))
  }
  return spots
}
