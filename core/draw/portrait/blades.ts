import { lighten } from '../../colour'
import type { Plant } from '../../plant'
import { SHADES, shadesOf, type Brush } from './Brush'
import type { Sitter } from './sitter'

const MOST_BLADES = 130

/** Grass-like foliage: blades that spring from one foot, arching wide (fountain) or standing up (sheaf). */
export function drawBlades(brush: Brush, sitter: Sitter) {
  const { plant, look, foliageM: h, spreadM: w } = sitter
  const colour = look.colour
  const shades = shadesOf(colour, plant.leafSurface)
  const upright = plant.habit === 'sheaf'
  const width = bladeWidthM(plant, h)
  const thin = plant.spreadM < 0.25
  const full = (look.state === 'dry' ? 0.8 : 0.4 + 0.6 * look.leaf) * (thin ? 0.12 : 1)
  const count = Math.max(
    4,
    Math.min(MOST_BLADES, (w / Math.max(width, brush.px(1.3))) * 2.6 * (0.5 + plant.density / 2)) * full,
  )
  const colours = coloursOf(sitter)
  for (let i = 0; i < count; i++) {
    const v = ((i + brush.random()) / count) * 2 - 1
    const shade = Math.min(SHADES - 1, Math.floor(brush.between(0, 1) * SHADES * (1 - 0.25 * v)))
    const footX = v * w * (upright ? 0.16 : 0.1)
    const tall = h * brush.between(upright ? 0.72 : 0.6, 1)
    const tipX = v * (w / 2) * brush.between(0.7, 1.05) * (upright ? 0.85 : 1)
    const tipY = upright
      ? tall * (1 - 0.18 * Math.abs(v))
      : tall * (1 - 0.75 * Math.abs(v) ** 1.6 * brush.between(0.7, 1.1))
    const bendX = upright ? footX + (tipX - footX) * 0.35 : footX + (tipX - footX) * 0.45
    const bendY = upright ? tall * 0.65 : tall * brush.between(0.98, 1.12)
    bladeBetween(
      brush,
      brush.fillPath(10 + shade, colours(i, shades[Math.max(0, shade)]!)),
      footX,
      bendX,
      bendY,
      tipX,
      tipY,
      Math.max(width, brush.px(1.15)),
    )
  }
  if (look.state === 'dry') drawFoot(brush, w, h, lighten(colour, -0.12))
}

const WIDTH_M = { fine: 0.012, medium: 0.024, bold: 0.04 } as const
/** Bold leaves are broad for their length: cannas, agaves, bananas. */
const BOLD_SHARE = 0.075
const bladeWidthM = ({ leafSize }: Plant, h: number) =>
  Math.max(WIDTH_M[leafSize], leafSize === 'bold' ? h * BOLD_SHARE : 0)

/** Every other blade shows the second colour, when there is one. */
function coloursOf({ plant, look }: Sitter): (i: number, shade: string) => string {
  const second = look.state === 'leaf' ? plant.secondLeaf?.colour : undefined
  return (i, shade) => (second && i % 2 === 0 ? second : shade)
}

/** A curved blade, widest at a third, pointed at the tip. */
function bladeBetween(
  brush: Brush,
  path: number[],
  x0: number,
  cx: number,
  cy: number,
  x1: number,
  y1: number,
  width: number,
) {
  const half = width / 2
  path.push(0, x0 - half, 0, 2, cx - half, cy, x1, y1, 2, cx + half, cy, x0 + half, 0, 3)
}

function drawFoot(brush: Brush, w: number, h: number, colour: string) {
  const path = brush.fillPath(9, colour)
  for (let i = 0; i < 14; i++)
    brush.blade(path, brush.between(-0.12, 0.12) * w, 0, brush.between(0.9, 2.2), h * 0.3, 0.012)
}
