import { clamp } from '../../geometry'
import { SHADES, shadesOf, type Brush } from './Brush'
import { drawLeaf, leafLengthM } from './leaf'
import type { Sitter } from './sitter'

/** A climber spread on the wall: stems that wander up and fan out, clothed in leaves; bare stems in winter. Returns places for flowers. */
export function drawClimber(brush: Brush, { plant, look, foliageM: h, spreadM: w }: Sitter): [number, number][] {
  const shades = shadesOf(look.state === 'leaf' ? look.colour : plant.foliage.summer, plant.leafSurface)
  const stems = 6
  const places: [number, number][] = []
  const length = leafLengthM(plant.leafSize, brush.pxPerM)
  for (let i = 0; i < stems; i++) {
    const v = (i / (stems - 1)) * 2 - 1
    const top = h * brush.between(0.72, 1) * (1 - 0.25 * v * v)
    const points: [number, number][] = []
    const steps = 12
    for (let k = 0; k <= steps; k++) {
      const u = k / steps
      points.push([v * (w / 2) * Math.sqrt(u) + Math.sin(u * 7 + i * 2) * w * 0.05, u * top])
    }
    brush.line(brush.strokePath(5, '#6b5440', 0.014), points)
    places.push(...points.slice(3))
    if (look.state !== 'leaf') continue
    const leaves = Math.min(110, (top / length) * 4.2 * look.leaf * (0.5 + plant.density / 2))
    for (let n = 0; n < leaves; n++) {
      const p = points[clamp(Math.floor(brush.between(0.6, steps)), 0, steps)]!
      const x = p[0] + brush.between(-1, 1) * w * 0.12
      const y = Math.max(0.02, p[1] + brush.between(-1, 1) * h * 0.05)
      const shade = clamp(
        Math.floor((0.2 + 0.4 * (y / h) - 0.15 * v + 0.5 * brush.random()) * SHADES),
        0,
        SHADES - 1,
      )
      drawLeaf(
        brush,
        brush.fillPath(10 + shade, shades[shade]!),
        plant.leafOutline,
        x,
        y,
        brush.between(-2.6, -0.5),
        length * brush.between(0.8, 1.2),
      )
    }
  }
  return places
}
