import { type Point, middleOf } from '../geometry'
import { cleanText, cutText } from '../measure'
import simplify from 'simplify-js'
import { isPlace, type FoundLine } from './found'

/** Places farther than this from the middle of the sheet are not taken in, metres. */
const FAR_M = 1000
const NAME_LIMIT = 120
const MOST_CORNERS = 400

/** Whether any line lies beyond what a site holds, as drawings in a national grid do. */
export const liesFar = (lines: readonly FoundLine[]): boolean =>
  lines.some((l) => l.points.some((p) => Math.abs(p.x) > FAR_M || Math.abs(p.y) > FAR_M))

/** The move that brings lines to the middle of the sheet, in whole metres, so that it can be told and undone. */
export function moveToOrigin(lines: readonly FoundLine[]): Point {
  const { x, y } = middleOf(lines.flatMap((l) => l.points))
  return { x: -Math.round(x), y: -Math.round(y) }
}

/** How a drawing is laid on the plan: scaled and turned (degrees counterclockwise) about its own middle, then moved, metres. */
export interface Placing {
  readonly dx: number
  readonly dy: number
  readonly turnDeg: number
  readonly scale: number
}

/** Lines as a placing lays them. */
export function placedLines(lines: readonly FoundLine[], { dx, dy, turnDeg, scale }: Placing): FoundLine[] {
  const middle = middleOf(lines.flatMap((l) => l.points))
  const angle = (turnDeg * Math.PI) / 180
  const [c, s] = [Math.cos(angle) * scale, Math.sin(angle) * scale]
  const lay = (p: Point): Point => {
    const [x, y] = [p.x - middle.x, p.y - middle.y]
    return { x: middle.x + x * c - y * s + dx, y: middle.y + x * s + y * c + dy }
  }
  return lines.map((l) => ({ ...l, points: l.points.map(lay) }))
}

const FIRST_TOLERANCE_M = 0.001

/** A line of at most so many corners, simplified no more than that asks; and how far it may now lie from what it was, metres. */
export function simplified(points: readonly Point[], most: number): { points: readonly Point[]; offM: number } {
  let fewer = points
  let offM = 0
  for (let by = FIRST_TOLERANCE_M; fewer.length > most; by *= 1.5) {
    fewer = simplify([...points], by, true)
    offM = by
  }
  return { points: fewer, offM }
}

/** A line as a site can keep it: a name without control characters and not too long, at most as many corners as there may be. */
export function fitLine(line: FoundLine, number: number): FoundLine {
  const name = cutText(cleanText(line.name), NAME_LIMIT).trim() || `Line ${number}`
  return { ...line, name, points: simplified(line.points, MOST_CORNERS).points }
}

/** What cannot be taken in of a line, in words; null when it can. */
export function faultOfLine(line: FoundLine): string | null {
  if (line.points.some((p) => !Number.isFinite(p.x) || !Number.isFinite(p.y))) return 'a place of it is no figure'
  if (line.points.some((p) => Math.abs(p.x) > FAR_M || Math.abs(p.y) > FAR_M))
    return `it lies more than ${FAR_M}\u202fm from the middle of the sheet`
  return line.points.length < least(line) ? 'it has too few places' : null
}

function least(line: FoundLine): number {
  if (line.what === 'point' || isPlace(line)) return 1
  return line.closed ? 3 : 2
}
