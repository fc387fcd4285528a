import type { Point } from '../geometry'
import type { Paint } from './path'
import { circlePath } from './paths'

/** Plants that somebody else has chosen, y as in the bed's plan, turned up; `radiusM` of each, metres. */
interface ChosenElsewhere {
  readonly name: string
  readonly plants: readonly (Point & { readonly radiusM: number })[]
}
const OUT_M = 0.03
const WORDS_UP_PX = 12

/** Dashed rings about the plants that others have chosen, with a name at the first of them. */
export const herePaints = (chosen: readonly ChosenElsewhere[], colour: string, rim: string): Paint[] =>
  chosen.flatMap(({ name, plants }) => {
    const rings = plants.map(({ x, y, radiusM }): Paint => ({
      path: circlePath(x, -y, radiusM + OUT_M),
      stroke: colour,
      thin: 1.6,
      dash: [5, 3],
      layer: 'orders',
    }))
    const [first] = plants
    if (!first) return []
    const words: Paint = {
      at: { x: first.x, y: -first.y },
      badge: [{ words: name, x: 0, y: WORDS_UP_PX, size: 11, colour, align: 'center', face: 'bold', rim }],
    }
    return [...rings, words]
  })
