import { isClipped, isShape, isWords, type Paint, type Path } from './path'
import { badgeSheet, type Sheet } from './sheet'
import { tracePath, type PathPen } from './tracePath'
import { strokeWidth, wordsPlace } from './walkPaints'

/** A rectangle on a sheet, points from its left top. */
interface Bounds {
  readonly left: number
  readonly top: number
  readonly right: number
  readonly bottom: number
}

/** Corners of strokes may stand out this far beyond their line, widths. */
const CORNER = 1.2

/**
 * A rectangle that holds all that paints draw on a sheet, points; null when they draw nothing. Curves are held by the points that draw
 * them, words by a generous width of their letters.
 */
export function paintBounds(paints: Iterable<Paint>, sheet: Sheet): Bounds | null {
  let all: Bounds | null = null
  for (const paint of paints) all = joined(all, boundsOf(paint, sheet))
  return all
}

function boundsOf(paint: Paint, sheet: Sheet): Bounds | null {
  if (isShape(paint)) {
    if (!paint.fill && !paint.stroke) return null
    return widened(pathBounds(paint.path, sheet), paint.stroke ? strokeWidth(paint, sheet) * CORNER : 0)
  }
  if (isWords(paint)) {
    const { x, y } = wordsPlace(paint, sheet)
    return widened({ left: x, right: x, top: y, bottom: y }, paint.size * Math.max(1, paint.words.length))
  }
  if (isClipped(paint)) return common(pathBounds(paint.clip, sheet), paintBounds(paint.within, sheet))
  return paintBounds(paint.badge, badgeSheet(sheet, paint.at))
}

function pathBounds(path: Path, sheet: Sheet): Bounds | null {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity]
  const note = (x: number, y: number) => {
    if (x < left) left = x
    if (x > right) right = x
    if (y < top) top = y
    if (y > bottom) bottom = y
  }
  const pen: PathPen = {
    moveTo: note,
    lineTo: note,
    quadraticCurveTo: (cx, cy, x, y) => {
      note(cx, cy)
      note(x, y)
    },
    circle: (x, y, r) => {
      note(x - r, y - r)
      note(x + r, y + r)
    },
    closePath: () => undefined,
  }
  tracePath(path, sheet, pen)
  return left > right ? null : { left, top, right, bottom }
}

const widened = (b: Bounds | null, by: number): Bounds | null =>
  b && { left: b.left - by, top: b.top - by, right: b.right + by, bottom: b.bottom + by }

const joined = (a: Bounds | null, b: Bounds | null): Bounds | null =>
  a && b
    ? {
        left: Math.min(a.left, b.left),
        top: Math.min(a.top, b.top),
        right: Math.max(a.right, b.right),
        bottom: Math.max(a.bottom, b.bottom),
      }
    : (a ?? b)

function common(a: Bounds | null, b: Bounds | null): Bounds | null {
  if (!a || !b) return null
  const both = {
    left: Math.max(a.left, b.left),
    top: Math.max(a.top, b.top),
    right: Math.min(a.right, b.right),
    bottom: Math.min(a.bottom, b.bottom),
  }
  return both.left > both.right || both.top > both.bottom ? null : both
}
