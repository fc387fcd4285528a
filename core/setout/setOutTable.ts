import type { Bed } from '../model'
import { schoolOf } from '../bed'
import { distance, type Point } from '../geometry'
import type { Units } from '../measure'
import { outlinesOf } from '../see'
import { lettersOf, type Scene } from '../scene'
import { roundedPlaces, STEP_M, type RoundedPlace } from './roundedPlaces'

export const METHODS = ['baseline', 'tapes', 'grid', 'radius'] as const
/** Along and out from the bed's own line; two tapes from fixed points; squares of a string grid; the middle and a mark on the rim. */
export type Method = (typeof METHODS)[number]

/** A point on the ground that is found again, in the bed's plan. */
export interface FixedPoint extends Point {
  readonly name: string
}

/** One plant to be set. Metres in the bed's plan; what belongs to another method is null. */
export interface SetOutRow {
  /** Place in the order of setting, from 1. */
  readonly no: number
  readonly plantRef: string
  readonly letters: string
  readonly plantId: string
  readonly name: string
  readonly lane: number
  readonly at: Point
  readonly movedM: number
  /** Running measure along the baseline or the grid's first side, and how far out from it. */
  readonly alongM: number
  readonly outM: number
  /** From the plant before in the same lane, for a check. */
  readonly fromLastM: number | null
  /** Tapes from the two fixed points, or from the middle and the mark; which side of the line from the first to the second. */
  readonly tapeAM: number | null
  readonly tapeBM: number | null
  readonly side: 'left' | 'right' | null
  /** The square of the grid, such as C4, and how far into it. */
  readonly square: string | null
  readonly inSquare: Point | null
}

export interface SetOutTable {
  readonly method: Method
  readonly rows: readonly SetOutRow[]
  readonly stepM: number
  readonly from: FixedPoint
  readonly to: FixedPoint
  /** Checks of the marked outline: names of two corners, and how far they lie apart, metres. */
  readonly diagonals: readonly { readonly name: string; readonly lengthM: number }[]
  /** The outline's stations along and out, the edge first: a hose or a string is laid on them. */
  readonly edge: readonly { readonly alongM: number; readonly outM: number }[]
  readonly gridM: number | null
  /** How repeated parts follow from the one that is listed, in words; empty otherwise. */
  readonly repeats: readonly string[]
  readonly cautions: readonly string[]
  /** The largest way a plant was rounded, metres. */
  readonly mostMovedM: number
}

interface SetOutAsk {
  readonly method: Method
  readonly units: Units
  /** At which end of the bed one comes in: the far end is set first. */
  readonly path: 'left' | 'right'
  /** The two points tapes are held at; without them the ends of the baseline. */
  readonly points?: readonly [FixedPoint, FixedPoint] | null
}

/** Side of a square of strings, metres: 1 m, or 2 ft. */
const GRID_M: Readonly<Record<Units, number>> = { metric: 1, imperial: 0.6096 }
/** Tapes that meet flatter than this find no sharp place. */
const FLAT_DEG = 20

/**
 * How the plants of a bed are set out, by one of four ways of measuring, in the order in which nobody treads on what is set: back to front,
 * from the far end to the path. Measures are running ones along the string, so that errors do not add up. Source:
 * docs/grounds/papers, Set out.
 */
export function setOutTable(scene: Scene, ask: SetOutAsk): SetOutTable {
  const { bed, frame, placement } = scene
  const outline = frame.outline
  const stepM = STEP_M[ask.units]
  const origin = originOf(outline)
  const school = schoolOf(bed, scene.input.schools)
  const rounded = roundedPlaces(placement.plants, school.spacing, stepM, origin, outline)
  const [from, to] = pointsOf(scene, ask, origin)
  const ordered = inOrder(rounded, ask.path)
  const gridM = ask.method === 'grid' ? GRID_M[ask.units] : null
  const letters = lettersOf(scene)
  const rows = ordered.map((place, i): SetOutRow => {
    const before = ordered[i - 1]
    return {
      ...{ no: i + 1, plantRef: place.plant.id, plantId: place.plant.plant.id, lane: place.plant.lane },
      letters: letters.get(place.plant.plant.id) ?? '',
      name: place.plant.plant.commonName,
      at: { x: place.x, y: place.y },
      movedM: place.movedM,
      alongM: place.x - origin.x,
      outM: place.y - origin.y,
      fromLastM: before?.plant.lane === place.plant.lane ? distance(before, place) : null,
      ...tapesOf(place, ask.method, from, to),
      ...squareOf(place, origin, gridM),
    }
  })
  return {
    ...{ method: ask.method, rows, stepM, from, to, gridM },
    diagonals: diagonalsOf(outline, frame.closed),
    edge: edgeOf(scene, origin),
    repeats: repeatsOf(bed),
    cautions: flatTapes(rows, ask.method, from, to),
    mostMovedM: Math.max(0, ...rows.map((r) => r.movedM)),
  }
}

/** The near left corner that all measures are positive from. */
const originOf = (outline: readonly Point[]): Point => ({
  x: Math.min(...outline.map((p) => p.x)),
  y: Math.min(...outline.map((p) => p.y)),
})

function pointsOf({ bed, frame }: Scene, { method, points }: SetOutAsk, origin: Point): [FixedPoint, FixedPoint] {
  const [outline] = outlinesOf(bed, frame)
  const right = Math.max(...outline!.map((p) => p.x))
  if (method === 'radius') {
    const rim = frame.closed
      ? frame.at(frame.runFrom, frame.depthAlong(frame.runFrom))
      : { x: origin.x, y: origin.y }
    return [
      { name: 'middle', ...middleOf(outline!, frame.closed) },
      { name: 'mark on the rim', ...rim },
    ]
  }
  if (method === 'tapes' && points) return [...points]
  return [
    { name: 'left end of the line', ...origin },
    { name: 'right end of the line', x: right, y: origin.y },
  ]
}

function middleOf(outline: readonly Point[], closed: boolean): Point {
  const xs = outline.map((p) => p.x)
  const ys = outline.map((p) => p.y)
  const middle = { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }
  return closed ? middle : { x: middle.x, y: Math.min(...ys) }
}

/** Back lanes first; in each the far end first. */
const inOrder = (places: readonly RoundedPlace[], path: 'left' | 'right'): RoundedPlace[] =>
  [...places].sort((a, b) => {
    const along = path === 'right' ? a.plant.along - b.plant.along : b.plant.along - a.plant.along
    return a.plant.lane - b.plant.lane || along || a.plant.out - b.plant.out
  })

function tapesOf(p: Point, method: Method, from: Point, to: Point): Pick<SetOutRow, 'tapeAM' | 'tapeBM' | 'side'> {
  if (method !== 'tapes' && method !== 'radius') return { tapeAM: null, tapeBM: null, side: null }
  // The plan's y points down the sheet: a positive cross product lies to the right of the walk from the first point to the second.
  const cross = (to.x - from.x) * (p.y - from.y) - (to.y - from.y) * (p.x - from.x)
  return { tapeAM: distance(from, p), tapeBM: distance(to, p), side: cross >= 0 ? 'right' : 'left' }
}

function squareOf(p: Point, origin: Point, gridM: number | null): Pick<SetOutRow, 'square' | 'inSquare'> {
  if (gridM === null) return { square: null, inSquare: null }
  const column = Math.floor((p.x - origin.x) / gridM + 1e-9)
  const row = Math.floor((p.y - origin.y) / gridM + 1e-9)
  return {
    square: `${columnName(column)}${row + 1}`,
    inSquare: { x: p.x - origin.x - column * gridM, y: p.y - origin.y - row * gridM },
  }
}

/** A … Z, AA, AB … as squares are called along a string. */
export const columnName = (n: number): string =>
  n < 26 ? String.fromCharCode(65 + n) : columnName(Math.floor(n / 26) - 1) + columnName(n % 26)

/** Across a bed between two edges both ways; across a round one along and across. */
function diagonalsOf(outline: readonly Point[], closed: boolean) {
  const extreme = (of: (p: Point) => number) => outline.reduce((a, b) => (of(b) > of(a) ? b : a))
  if (closed) {
    const [left, right] = [extreme((p) => -p.x), extreme((p) => p.x)]
    const [far, near] = [extreme((p) => -p.y), extreme((p) => p.y)]
    return [
      { name: 'left to right', lengthM: distance(left, right) },
      { name: 'far to near', lengthM: distance(far, near) },
    ]
  }
  const corner = (sx: number, sy: number) => extreme((p) => sx * p.x * 10 + sy * p.y)
  return [
    { name: 'back left to front right', lengthM: distance(corner(-1, -1), corner(1, 1)) },
    { name: 'back right to front left', lengthM: distance(corner(1, -1), corner(-1, 1)) },
  ]
}

/** Stations of the edge at most this far apart, metres. */
const EDGE_STEP_M = 1

function edgeOf({ frame }: Scene, origin: Point) {
  const many = Math.max(frame.closed ? 8 : 2, Math.ceil((frame.runTo - frame.runFrom) / EDGE_STEP_M))
  const stations = Array.from({ length: frame.closed ? many : many + 1 }, (_, i) => {
    const a = frame.runFrom + ((frame.runTo - frame.runFrom) * i) / many
    return frame.at(a, frame.depthAlong(a))
  })
  return stations.map((p) => ({ alongM: p.x - origin.x, outM: p.y - origin.y }))
}

function repeatsOf({ form }: Bed): string[] {
  if (form.kind === 'court') {
    const how = form.repeat === 'mirrored' ? 'mirrored about the paths' : 'turned about the middle'
    return [
      `The list is that of the first segment. The others are the same, ${how}: measure them from the same corner of their own path.`,
      ...(form.variants?.length
        ? ['Some kinds differ from segment to segment: take the letters from the plan.']
        : []),
    ]
  }
  return form.kind === 'container' && form.pots > 1
    ? [`The list is that of one pot; all ${form.pots} are planted alike.`]
    : []
}

function flatTapes(rows: readonly SetOutRow[], method: Method, from: Point, to: Point): string[] {
  if (method !== 'tapes') return []
  const base = distance(from, to)
  const flat = rows.filter((r) => {
    const [a, b] = [r.tapeAM ?? 0, r.tapeBM ?? 0]
    if (a < 1e-6 || b < 1e-6) return true
    const cos = (a * a + b * b - base * base) / (2 * a * b)
    const deg = (Math.acos(Math.max(-1, Math.min(1, cos))) * 180) / Math.PI
    return deg < FLAT_DEG || deg > 180 - FLAT_DEG
  })
  return flat.length === 0
    ? []
    : [
        `${flat.length} of ${rows.length} places lie where the tapes meet too flat to be sharp: choose other points, ` +
          'or check them along and out.',
      ]
}
