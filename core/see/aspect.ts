import type { Bed, Viewpoint } from '../model'
import { envelope, placeIn, placingsOf, variantOf, type BedFrame } from '../bed'
import { clamp, type Point, type Polyline } from '../geometry'
import type { PlacedPlant } from '../layout'
import type { Plant } from '../plant'

/** A bed turned so that the viewer stands below it: the plan's own coordinates turned about the bed's middle. */
export interface Aspect {
  readonly turnDeg: number
  /** How far before the near edge the viewer stands, metres. */
  readonly eyeDistanceM: number
  readonly firstX: number
  readonly lastX: number
  readonly back: Polyline
  readonly front: Polyline
  /** All parts' outlines, turned. */
  readonly outlines: readonly (readonly Point[])[]
  /** How much a step toward the viewer lowers a foot in the picture, metres a metre: more from high up and near. */
  readonly groundFall: number
  turn(p: Point): Point
  unturn(p: Point): Point
}

const LEAST_FALL = 0.11
const MOST_FALL = 0.62
const FALL_SHARE = 0.3
const POT_OVERHANG_M = 0.2

/** The middle of all parts of a bed, metres. */
export function middleOfBed(bed: Pick<Bed, 'form'>, frame: BedFrame): Point {
  const all = outlinesOf(bed, frame).flat()
  const xs = all.map((p) => p.x)
  const ys = all.map((p) => p.y)
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }
}

/** Outlines of all parts of a bed in its own plan. */
export const outlinesOf = (bed: Pick<Bed, 'form'>, frame: BedFrame): Point[][] =>
  placingsOf(bed.form).map((to) => frame.outline.map((p) => placeIn(to, p)))

/** A bed as seen from a viewpoint. A border seen from its front is its own plan. */
export function aspectOf(bed: Pick<Bed, 'form'>, frame: BedFrame, viewpoint: Viewpoint): Aspect {
  const { turnDeg } = viewpoint
  const middle = middleOfBed(bed, frame)
  const a = (turnDeg * Math.PI) / 180
  const [cos, sin] = [Math.cos(a), Math.sin(a)]
  const turn = (p: Point): Point =>
    turnDeg === 0
      ? p
      : {
          x: middle.x + (p.x - middle.x) * cos + (p.y - middle.y) * sin,
          y: middle.y - (p.x - middle.x) * sin + (p.y - middle.y) * cos,
        }
  const unturn = (p: Point): Point =>
    turnDeg === 0
      ? p
      : {
          x: middle.x + (p.x - middle.x) * cos - (p.y - middle.y) * sin,
          y: middle.y + (p.x - middle.x) * sin + (p.y - middle.y) * cos,
        }
  const outlines = outlinesOf(bed, frame).map((o) => o.map(turn))
  const plain = turnDeg === 0 && outlines.length === 1
  const { back, front } = plain ? frame : envelope(hullOf(outlines))
  const depth = Math.max(...outlines.flat().map((p) => p.y)) - Math.min(...outlines.flat().map((p) => p.y))
  const fall = (FALL_SHARE * viewpoint.eyeHeightM) / (viewpoint.distanceM + depth / 2)
  // The straight-on picture of a border keeps its own shallow ground; others are looked at, and down on.
  const groundFall = !frame.closed && turnDeg === 0 ? LEAST_FALL : clamp(fall, LEAST_FALL, MOST_FALL)
  // What grows in a pot reaches over its rim.
  const over = bed.form.kind === 'container' ? POT_OVERHANG_M : 0
  return {
    turnDeg,
    eyeDistanceM: viewpoint.distanceM,
    firstX: front.firstX - over,
    lastX: front.lastX + over,
    back,
    front,
    outlines,
    groundFall,
    turn,
    unturn,
  }
}

/** One closed line that holds several outlines (their convex hull), or the one there is. Source: Andrew's monotone chain. */
function hullOf(outlines: readonly (readonly Point[])[]): readonly Point[] {
  if (outlines.length === 1) return outlines[0]!
  const points = outlines.flat().sort((a, b) => a.x - b.x || a.y - b.y)
  const half = (list: readonly Point[]) =>
    list
      .reduce<Point[]>((hull, p) => {
        while (hull.length >= 2 && cross(hull[hull.length - 2]!, hull[hull.length - 1]!, p) <= 0) hull.pop()
        hull.push(p)
        return hull
      }, [])
      .slice(0, -1)
  return [...half(points), ...half([...points].reverse())]
}
const cross = (o: Point, a: Point, b: Point) => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x)

/** The turns a bed is judged from: its own viewpoint's, both fronts, or all round. */
export function judgedTurns(bed: Pick<Bed, 'form' | 'viewpoint'>): readonly number[] {
  if (bed.form.kind === 'two-sided') return [0, 180]
  if (bed.form.kind === 'island' || bed.form.kind === 'ring' || bed.form.kind === 'container')
    return [0, 90, 180, 270]
  // A court is walked through: what one side hides another shows.
  if (bed.form.kind === 'court') return [0, 90, 180, 270].map((turn) => (bed.viewpoint.turnDeg + turn) % 360)
  return [bed.viewpoint.turnDeg]
}

/** Every plant of a bed that is planned once and repeated: the planned ones first, then those of each other part. */
export function repeated(
  plants: readonly PlacedPlant[],
  form: Bed['form'],
  library: ReadonlyMap<string, Plant>,
): readonly PlacedPlant[] {
  const placings = placingsOf(form)
  if (placings.length === 1) return plants
  const varied = ({ plant }: PlacedPlant, part: number) => {
    const other = library.get(variantOf(form, part, plant.id))
    return other && other.id !== plant.id ? { plant: other } : {}
  }
  return placings.flatMap((to, part) =>
    part === 0
      ? plants
      : plants.map((p) => ({
          ...p,
          ...varied(p, part),
          id: `${p.id}@${part}`,
          seed: p.seed ^ (part * 0x9e37),
          ...placeIn(to, p),
        })),
  )
}
