import { lighten } from '../../colour'
import type { Brush } from './Brush'
import { outlineAt } from './foliageMass'
import type { MassShape, Sitter } from './sitter'

const ORDER = 31
/** A berry's radius, metres: its own where it can be read, else as small as can be. */
const BERRY_M = 0.014
const LEAST_PX = 1.5
const MOST_CLUSTERS = 70
const IN_CLUSTER = 3
/** Share of the outline that a full show of fruit covers. */
const COVER = 0.03

/** Berries, hips and pods in small clusters over the outside of an outline, in their months. */
export function drawFruit(brush: Brush, { plant, look }: Sitter, shape: MassShape) {
  if (!plant.fruit || look.fruit === 0) return
  const r = Math.max(BERRY_M, brush.px(LEAST_PX))
  const fits = (shape.spreadM * shape.heightM * COVER) / (IN_CLUSTER * Math.PI * r * r)
  const count = Math.max(1, Math.min(MOST_CLUSTERS, fits)) * look.fruit
  const dark = brush.fillPath(ORDER, lighten(plant.fruit.colour, -0.08))
  const light = brush.fillPath(ORDER + 1, plant.fruit.colour)
  for (let i = 0; i < count; i++) {
    const u = 0.25 + 0.7 * Math.sqrt(brush.random())
    const x = (shape.centreX ?? 0) + brush.between(-0.9, 0.9) * outlineAt(shape.habit, u) * (shape.spreadM / 2)
    const y = shape.baseM + u * shape.heightM
    for (let k = 0; k < IN_CLUSTER; k++) {
      const [bx, by] = [x + brush.between(-1.8, 1.8) * r, y + brush.between(-1.8, 1.8) * r]
      brush.circle(k === 0 ? dark : light, bx, by, r)
    }
  }
}
