import { topM, type PlacedPlant } from '../layout'
import type { Elevation, Figure } from './elevation'
import { elevationOrder } from './elevationOrder'
import type { Paint, Shape } from './path'
import { ellipsePath, movedPath } from './paths'
import { portrait } from './portrait/portrait'

/** The soft shadow at a plant's foot; none for climbers and bare stems. */
export function footShadow({
  body,
  x,
  baseM,
  scale,
}: Pick<Figure, 'body' | 'x' | 'baseM' | 'scale'>): Shape | null {
  if (body.at.plant.kind === 'climber' || body.look.state === 'bare') return null
  const path = ellipsePath(x, baseM, (body.spreadM / 2) * 0.92 * scale, body.spreadM * 0.06 * scale)
  return { path, fill: '#231b12', alpha: 0.28 }
}

/** Plants of other beds are seen through a haze: they are there, but not worked on. */
export const QUIET_ALPHA = 0.5

/** One plant of the elevation as it stands: its portrait at its place, in its own size and turn. */
export function figurePaints(figure: Figure, perM: number): Paint[] {
  const { body, x, baseM, mirrored, scale } = figure
  const sitter = {
    plant: body.at.plant,
    look: body.look,
    foliageM: body.foliageM,
    flowerM: body.flowerM,
    spreadM: body.spreadM,
  }
  const shadow = footShadow(figure)
  const drawn = portrait(sitter, figure.variant, perM).map((shape) => ({
    ...shape,
    path: movedPath(shape.path, { x, y: baseM }, mirrored ? -scale : scale, scale),
    ...(figure.quiet ? { alpha: (shape.alpha ?? 1) * QUIET_ALPHA } : {}),
  }))
  if (figure.quiet) return drawn
  return shadow ? [shadow, ...drawn] : drawn
}

/**
 * Plants and fixtures of an elevation, far to near; a drawing file gets each plant's outline by its lane. They are made while they are
 * drawn, each time anew: leaves of thousands of plants are more than a machine should hold at once.
 */
export const plantingPaints = (list: Elevation, perM: number): Iterable<Paint> => ({
  [Symbol.iterator]: () => planting(list, Math.min(perM, LEAVES_PER_M / list.figures.length ** 1.5)),
})

/** Where very many plants stand, leaves are drawn coarser (1,500: 26 a metre): most are hidden, and the file can still be opened. */
const LEAVES_PER_M = 1_500_000

function* planting(list: Elevation, perM: number): Generator<Paint> {
  for (const step of elevationOrder(list))
    if ('paints' in step) yield* step.paints
    else {
      yield* figurePaints(step.figure, perM)
      yield outlineOf(step.figure)
    }
}

/** The layer of a drawing file that a plant belongs to. */
export function layerOf({ neighbour, standing, lane }: PlacedPlant): string {
  if (neighbour) return 'other beds'
  return standing ? 'standing plants' : `plants lane ${lane + 1}`
}

/** For drawing files: the box a plant stands in, as an oval. */
function outlineOf({ body, x, baseM }: Figure): Paint {
  const up = topM(body) / 2
  const path = ellipsePath(x, baseM + up, body.spreadM / 2, up)
  return { path, layer: layerOf(body.at) }
}
