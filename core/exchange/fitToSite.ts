import type { Point } from '../geometry'
import { cleanText, cutText } from '../measure'
import { middleOf } from '../geometry'
import type { FoundLine } from './outline'

/** Places farther than this from the middle of the sheet are not taken in, metres. */
export const FAR_M = 1000
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

/** Lines moved by so much, metres. */
export const movedLines = (lines: readonly FoundLine[], by: Point): FoundLine[] =>
  lines.map((l) => ({ ...l, points: l.points.map((p) => ({ x: p.x + by.x, y: p.y + by.y })) }))

/** A line as a site can keep it: a name without control characters and not too long, corners thinned to the most there may be. */
export function fitLine(line: FoundLine, number: number): FoundLine {
  const name = cutText(cleanText(line.name), NAME_LIMIT).trim() || `Line ${number}`
  const step = Math.ceil(line.points.length / MOST_CORNERS)
  return { ...line, name, points: line.points.filter((_, i) => i % step === 0) }
}

/** What cannot be taken in of a line, in words; null when it can. */
export function faultOfLine(line: FoundLine): string | null {
  if (line.points.some((p) => !Number.isFinite(p.x) || !Number.isFinite(p.y))) return 'a place of it is no figure'
  if (line.points.some((p) => Math.abs(p.x) > FAR_M || Math.abs(p.y) > FAR_M))
    return `it lies more than ${FAR_M} m from the middle of the sheet`
  return line.points.length < (line.closed ? 3 : 2) ? 'it has too few places' : null
}
