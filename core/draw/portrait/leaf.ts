import type { LeafOutline, LeafSize } from '../../plant'
import type { Path } from '../path'
import type { Brush } from './Brush'

const LENGTH_M: Readonly<Record<LeafSize, number>> = { fine: 0.055, medium: 0.1, bold: 0.18 }
const LEAST_PX: Readonly<Record<LeafSize, number>> = { fine: 3.4, medium: 5.6, bold: 9 }

/** Length a leaf is drawn at, metres: its own, but never too small to read at this scale. */
export const leafLengthM = (size: LeafSize, pxPerM: number) => Math.max(LENGTH_M[size], LEAST_PX[size] / pxPerM)

/** Draws one leaf of an outline, from its stalk at (x,y) toward `angle`. */
export function drawLeaf(
  brush: Brush,
  path: Path,
  outline: LeafOutline,
  x: number,
  y: number,
  angle: number,
  length: number,
) {
  switch (outline) {
    case 'linear':
      return brush.blade(path, x, y, angle, length * 1.35, length * 0.16)
    case 'needle':
      return brush.blade(path, x, y, angle, length * 1.1, length * 0.13)
    case 'scale':
      brush.blade(path, x, y, angle - 0.25, length * 0.95, length * 0.24)
      return brush.blade(path, x, y, angle + 0.3, length * 0.8, length * 0.22)
    case 'rounded':
      return brush.blade(path, x, y, angle, length, length * 0.46)
    case 'palmate':
      for (const turn of [-0.95, 0, 0.95])
        brush.blade(path, x, y, angle + turn, length * (turn === 0 ? 0.95 : 0.75), length * 0.3)
      return
    case 'divided':
      return drawFeather(brush, path, x, y, angle, length * 1.3, 3)
  }
}

/** A divided leaf: leaflets in pairs along an axis, and one at the tip. */
function drawFeather(brush: Brush, path: Path, x: number, y: number, angle: number, length: number, pairs: number) {
  for (let i = 0; i < pairs; i++) {
    const u = (i + 0.5) / (pairs + 0.5)
    const px = x + Math.cos(angle) * length * u
    const py = y + Math.sin(angle) * length * u
    const leaflet = length * 0.42 * (1 - 0.45 * u)
    brush.blade(path, px, py, angle + 0.8, leaflet, leaflet * 0.3)
    brush.blade(path, px, py, angle - 0.8, leaflet, leaflet * 0.3)
  }
  brush.blade(
    path,
    x + Math.cos(angle) * length * 0.75,
    y + Math.sin(angle) * length * 0.75,
    angle,
    length * 0.35,
    length * 0.1,
  )
}
