import { lighten } from '../../colour'
import { clamp } from '../../geometry'
import { SHADES, shadesOf, type Brush } from './Brush'
import { drawLeaf } from './leaf'
import { drawSecondColour } from './secondLeaf'
import type { Sitter } from './sitter'

/** Broad leaves on stalks from one crown, laid in tiers: the furthest first and highest, the nearest low and in front. */
export function drawRosette(brush: Brush, sitter: Sitter) {
  const { plant, look, foliageM: h, spreadM: w } = sitter
  const shades = shadesOf(look.colour, plant.leafSurface)
  const real = { bold: 0.3, medium: 0.13, fine: 0.075 }[plant.leafSize]
  const length = clamp(Math.min(real, w * 0.42), brush.px(5), Math.max(h * 0.95, brush.px(6)))
  const count = clamp(Math.round(((w * h) / (length * length)) * 4.2 * Math.max(0.35, look.leaf)), 9, 90)
  const tiers = 4
  for (let tier = 0; tier < tiers; tier++) {
    const inTier = Math.ceil(count / tiers)
    const lift = 1 - tier / tiers
    for (let i = 0; i < inTier; i++) {
      const v = clamp(((i + 0.5) / inTier) * 2 - 1 + brush.between(-0.12, 0.12), -1, 1)
      const reach = (w / 2) * (0.5 + 0.5 * Math.sqrt(1 - lift * 0.75)) - length * 0.25
      const x = v * reach
      const y = Math.max(
        length * 0.12,
        h * (0.1 + 0.8 * lift) * Math.sqrt(Math.max(0.08, 1 - v * v * 0.85)) * brush.between(0.8, 1) -
          length * 0.15,
      )
      const shade = clamp(
        Math.floor((0.25 + 0.35 * lift - 0.2 * v + 0.45 * brush.random()) * SHADES),
        0,
        SHADES - 1,
      )
      const droop = y < length * 0.8 ? Math.PI / 2 : 1.9
      const angle = Math.PI / 2 - clamp(v * 1.75 + Math.sign(v) * 0.2 + brush.between(-0.35, 0.35), -droop, droop)
      const order = 10 + tier * 3
      stalk(brush, x, y, order, shades[0]!)
      broadLeaf(brush, sitter, order + 1, shades[shade]!, x, y, angle, length)
      drawSecondColour(brush, plant, order + 1.1, shades[shade]!, { x, y, angle, length })
    }
  }
}

function stalk(brush: Brush, x: number, y: number, order: number, colour: string) {
  brush.curve(brush.strokePath(order, colour, 0.008), x * 0.15, 0, x * 0.4, y * 0.9, x, y)
}

function broadLeaf(
  brush: Brush,
  { plant }: Sitter,
  order: number,
  colour: string,
  x: number,
  y: number,
  angle: number,
  length: number,
) {
  const path = brush.fillPath(order, colour)
  if (plant.leafOutline === 'palmate') {
    for (const turn of [-1.3, -0.65, 0, 0.65, 1.3])
      brush.blade(path, x, y, angle + turn, length * 0.72, length * 0.3)
    return
  }
  if (plant.leafOutline !== 'rounded') return drawLeaf(brush, path, plant.leafOutline, x, y, angle, length)
  brush.blade(path, x, y, angle, length, length * 0.58)
  if (length > brush.px(8)) {
    const vein = brush.strokePath(order + 1, lighten(colour, 0.09), 0.004)
    brush.curve(
      vein,
      x,
      y,
      x + Math.cos(angle) * length * 0.5,
      y + Math.sin(angle) * length * 0.5,
      x + Math.cos(angle) * length * 0.92,
      y + Math.sin(angle) * length * 0.92,
    )
  }
}
