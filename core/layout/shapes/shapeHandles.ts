import simplify from 'simplify-js'
import type { Drift, Shape } from '../../model'
import type { BedFrame } from '../../bed'
import { clamp, type Point } from '../../geometry'
import { shapeAt } from './shapeAt'

/** A place by which a shape can be taken hold of, in plan. */
export interface ShapeHandle extends Point {
  readonly id: string
}
type Change = Pick<Drift, 'at'> & { readonly shape: Shape }

const LEAST_M = 0.1
const rounded = (m: number) => Math.round(m * 1000) / 1000

/** Where a drift's shape can be taken hold of: its middle, and its ends, sides or points. A ring about a plant goes with that plant. */
export function shapeHandles(drift: Drift, frame: BedFrame, ringAt: Point | null = null): ShapeHandle[] {
  const { shape } = drift
  if (!shape) return []
  const { middle, toPlan } = shapeAt(drift, shape, frame, ringAt ?? undefined)
  const own = localHandles(shape).map(({ id, x, y }) => ({ id, ...toPlan({ x, y }) }))
  const isHeld = (shape.kind === 'ring' || shape.kind === 'climb') && shape.about !== null
  if (shape.kind === 'beneath' || shape.kind === 'spots') return []
  return isHeld ? own : [{ id: 'middle', ...middle }, ...own]
}

function localHandles(shape: Shape): ShapeHandle[] {
  switch (shape.kind) {
    case 'lens':
      return [
        { id: 'end', x: shape.lengthM / 2, y: 0 },
        { id: 'side', x: 0, y: shape.widthM / 2 },
      ]
    case 'outline':
      return shape.points.map((p, i) => ({ id: `p${i}`, ...p }))
    case 'ribbon':
    case 'hedge':
      return shape.line.map((p, i) => ({ id: `p${i}`, ...p }))
    case 'scatter':
      return [
        { id: 'end', x: shape.lengthM / 2, y: 0 },
        { id: 'side', x: 0, y: shape.widthM / 2 },
      ]
    case 'ring':
      return shape.radiusM > 0 ? [{ id: 'rim', x: shape.radiusM, y: 0 }] : []
    default:
      return []
  }
}

/** What changes of a drift when a handle of its shape is drawn to a place of the plan. */
export function dragHandle(
  drift: Drift,
  id: string,
  to: Point,
  frame: BedFrame,
  ringAt: Point | null = null,
): Change | null {
  const { shape } = drift
  if (!shape) return null
  if (id === 'middle') return middleTo(drift, shape, to, frame)
  const { middle, toPlan } = shapeAt(drift, shape, frame, ringAt ?? undefined)
  const local = toLocal(toPlan, middle, to)
  const change = handleTo(shape, id, local)
  return change && { at: drift.at, shape: change }
}

function middleTo(drift: Drift, shape: Shape, to: Point, frame: BedFrame): Change {
  const { a, v } = frame.locate(to)
  const along = frame.closed ? a : clamp(a, frame.runFrom, frame.runTo)
  const depth = frame.depthAlong(along)
  if (shape.kind === 'edge') {
    const distanceM = shape.edge === 'front' ? depth - v : v
    return { at: frame.sAt(along), shape: { ...shape, distanceM: rounded(clamp(distanceM, 0, depth)) } }
  }
  return { at: frame.sAt(along), shape: { ...shape, out: clamp(v / Math.max(1e-6, depth), 0, 1) } }
}

function handleTo(shape: Shape, id: string, { x, y }: Point): Shape | null {
  const moved = (points: readonly Point[]) =>
    points.map((p, i) => (id === `p${i}` ? { x: rounded(x), y: rounded(y) } : p))
  switch (shape.kind) {
    case 'lens': {
      if (id === 'side') return { ...shape, widthM: rounded(Math.max(LEAST_M, 2 * Math.abs(y))) }
      const turn = shape.slantDeg + (Math.atan2(y, x) * 180) / Math.PI
      const slantDeg = Math.round((((turn + 540) % 360) - 180) * 10) / 10
      return { ...shape, slantDeg, lengthM: rounded(Math.max(LEAST_M, 2 * Math.hypot(x, y))) }
    }
    case 'outline':
      return { ...shape, points: moved(shape.points) }
    case 'ribbon':
    case 'hedge':
      return { ...shape, line: moved(shape.line) }
    case 'scatter':
      if (id === 'side') return { ...shape, widthM: rounded(Math.max(LEAST_M, 2 * Math.abs(y))) }
      return { ...shape, lengthM: rounded(Math.max(LEAST_M, 2 * Math.abs(x))) }
    case 'ring':
      return { ...shape, radiusM: rounded(Math.max(LEAST_M, Math.hypot(x, y))) }
    default:
      return null
  }
}

/** A place of the plan as the shape has it: `toPlan` turns and moves, so its turn is undone about the middle. */
function toLocal(toPlan: (p: Point) => Point, middle: Point, to: Point): Point {
  const along = toPlan({ x: 1, y: 0 })
  const cos = along.x - middle.x
  const sin = along.y - middle.y
  const dx = to.x - middle.x
  const dy = to.y - middle.y
  return { x: dx * cos + dy * sin, y: -dx * sin + dy * cos }
}

const FREEHAND_TOLERANCE_M = 0.06
const MOST_POINTS = 60

/** The shape of a line drawn by hand in plan: an outline, or a ribbon so wide; with the drift's new place. Null when it is too short. */
export function drawnShape(
  drift: Drift,
  line: readonly Point[],
  kind: 'outline' | 'ribbon' | 'hedge',
  widthM: number,
  frame: BedFrame,
): Change | null {
  const xs = line.map((p) => p.x)
  const ys = line.map((p) => p.y)
  const width = Math.max(...xs) - Math.min(...xs)
  const depth = Math.max(...ys) - Math.min(...ys)
  if (line.length < 3 || Math.max(width, depth) < LEAST_M) return null
  const middle = { x: (Math.max(...xs) + Math.min(...xs)) / 2, y: (Math.max(...ys) + Math.min(...ys)) / 2 }
  const empty = emptyShape(drift, kind, widthM)
  const { at, shape } = middleTo(drift, empty, middle, frame)
  const placed = shapeAt({ ...drift, at }, shape, frame)
  const local = simplified(line).map((p) => {
    const { x, y } = toLocal(placed.toPlan, placed.middle, p)
    return { x: rounded(x), y: rounded(y) }
  })
  if (shape.kind === 'outline') return local.length < 3 ? null : { at, shape: { ...shape, points: local } }
  return 'line' in shape && local.length > 1 ? { at, shape: { ...shape, line: local } } : null
}

/** The shape that is drawn, with nothing of its line yet; a hedge keeps its figures. */
function emptyShape({ shape }: Drift, kind: 'outline' | 'ribbon' | 'hedge', widthM: number): Shape {
  if (kind === 'outline') return { kind, out: 0, points: [] }
  if (kind === 'hedge' && shape?.kind === 'hedge') return { ...shape, out: 0, line: [], closed: false }
  return { kind: 'ribbon', out: 0, line: [], widthM }
}

/** Points of a hand's line that matter, to a few centimetres; coarser when they are still too many. */
function simplified(line: readonly Point[], toleranceM = FREEHAND_TOLERANCE_M): Point[] {
  const points = simplify([...line], toleranceM, true)
  return points.length > MOST_POINTS ? simplified(line, toleranceM * 1.6) : points
}
