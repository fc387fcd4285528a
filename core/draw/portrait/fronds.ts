import { SHADES, shadesOf, type Brush } from './Brush'
import type { Sitter } from './sitter'

const PAIRS = 9

/** A fern: fronds arching from one crown, each with leaflets in pairs that shorten to the tip. */
export function drawFronds(brush: Brush, { plant, look, foliageM: h, spreadM: w }: Sitter) {
  const shades = shadesOf(look.colour, plant.leafSurface)
  const count = Math.round(9 + 8 * look.leaf)
  const order = Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => Math.abs(b - count / 2) - Math.abs(a - count / 2) || a - b,
  )
  order.forEach((i, layer) => {
    const v = (i / (count - 1)) * 2 - 1
    const shade = Math.min(SHADES - 1, Math.floor(brush.between(0.1, 1) * SHADES))
    const tall = h * brush.between(0.8, 1.02)
    const tipX = v * (w / 2) * brush.between(0.85, 1.05)
    const tipY = tall * (1 - 0.7 * Math.abs(v) ** 1.5)
    const bendX = tipX * 0.35
    const bendY = tall * 1.02
    const paint = brush.fillPath(10 + Math.floor(layer / 3) * 2, shades[shade]!)
    brush.curve(brush.strokePath(10 + Math.floor(layer / 3) * 2, shades[1]!, 0.008), 0, 0, bendX, bendY, tipX, tipY)
    for (let k = 2; k <= PAIRS; k++) {
      const u = k / (PAIRS + 0.6)
      const x = 2 * (1 - u) * u * bendX + u * u * tipX
      const y = 2 * (1 - u) * u * bendY + u * u * tipY
      const along = Math.atan2(
        2 * (1 - u) * bendY + 2 * u * (tipY - bendY),
        2 * (1 - u) * bendX + 2 * u * (tipX - bendX),
      )
      const leaflet = Math.max(brush.px(3), h * 0.24) * Math.sin(Math.PI * Math.min(0.95, 0.22 + u * 0.78))
      brush.blade(paint, x, y, along + 1.15, leaflet, leaflet * 0.17)
      brush.blade(paint, x, y, along - 1.15, leaflet, leaflet * 0.17)
    }
  })
}
