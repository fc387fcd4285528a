import { mix } from '../../colour'
import type { LeafOutline, Plant } from '../../plant'
import type { Brush } from './Brush'
import { drawLeaf } from './leaf'

/** A leaf as it is drawn: its stalk, its way (radians) and its length, metres. */
interface LeafAt {
  readonly x: number
  readonly y: number
  readonly angle: number
  readonly length: number
}

/** Share of a leaf's length that its inner part takes: what an edge leaves, and what a centre fills. */
const INNER = 0.66
const CENTRE = 0.6
/** A marking lies in the light and shade of its leaf. */
const TAKES_SHADE = 0.35
const STRIPE_WIDTH = 0.07
const SPOT = 0.075
/** Spots along and across a leaf, shares of its length. */
const SPOTS = [
  [0.3, 0.08],
  [0.5, -0.1],
  [0.68, 0.06],
] as const

/** A leaf with its second colour laid over it; `order` lies above that of its first. Markings too small to read are left out. */
export function drawSecondColour(brush: Brush, plant: Plant, order: number, shade: string, leaf: LeafAt) {
  const second = plant.secondLeaf
  if (!second || leaf.length < brush.px(4)) return
  const colour = mix(second.colour, shade, TAKES_SHADE)
  const { x, y, angle, length } = leaf
  const inside = (path: number[], share: number, outline: LeafOutline = plant.leafOutline) => {
    const from = length * (1 - share) * 0.5
    drawLeaf(brush, path, outline, x + Math.cos(angle) * from, y + Math.sin(angle) * from, angle, length * share)
  }
  switch (second.pattern) {
    case 'edge':
      drawLeaf(brush, brush.fillPath(order, colour), plant.leafOutline, x, y, angle, length)
      return inside(brush.fillPath(order + 0.1, shade), INNER)
    case 'centre':
      return inside(brush.fillPath(order, colour), CENTRE)
    case 'stripe':
    case 'veins':
      return brush.blade(brush.fillPath(order, colour), x, y, angle, length * 0.95, length * STRIPE_WIDTH)
    case 'splash':
      return inside(brush.fillPath(order, colour), brush.between(0.55, 0.95))
    case 'spots': {
      const path = brush.fillPath(order, colour)
      for (const [along, across] of SPOTS) {
        const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
        const [a, b] = [along * length, across * length]
        brush.circle(path, x + cos * a - sin * b, y + sin * a + cos * b, length * SPOT)
      }
    }
  }
}
