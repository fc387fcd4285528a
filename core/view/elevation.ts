import type { BedFrame, Viewpoint, Wall } from '../bed'
import type { Body } from '../layout'
import { VARIANTS } from './portrait/portrait'

/** How much a step toward the viewer lowers a plant's foot in the straight-on picture, metres a metre. */
export const GROUND_FALL = 0.11

/** One plant of the elevation: foot at (x, baseM), metres, with the drawing to use. */
export interface Figure {
  readonly body: Body
  readonly x: number
  readonly baseM: number
  readonly variant: number
  readonly mirrored: boolean
  /** Individual size about 1, so that a drift is not a row of copies. */
  readonly scale: number
}

/** The elevation as a display list: straight-on, true heights, the far first so that the near overlaps it. */
export interface Elevation {
  readonly figures: readonly Figure[]
  readonly wall: Wall | null
  readonly fromX: number
  readonly toX: number
  /** Ground line of the wall's foot is 0; of the front edge it is `frontBaseM` (below it). */
  readonly frontBaseM: number
  /** What must be in the picture: the tallest plant and the highest window; a wall may run out of it. */
  readonly topM: number
}

/** The display list of a bed's elevation. Heights and positions in metres; climbers hang on the wall. */
export function elevation(bodies: readonly Body[], frame: BedFrame, wall: Wall | null): Elevation {
  const figures = bodies
    .filter((b) => b.look.state !== 'gone' && b.spreadM > 0)
    .map((body) => {
      const { seed } = body.at
      const onWall = body.at.plant.kind === 'climber'
      return {
        body,
        x: body.at.x,
        baseM: onWall ? 0 : -body.at.y * GROUND_FALL,
        variant: (seed >>> 3) % VARIANTS,
        mirrored: ((seed >>> 9) & 1) === 1,
        scale: 0.96 + (((seed >>> 12) & 255) / 255) * 0.08,
      }
    })
    .sort((a, b) => depth(a) - depth(b) || a.x - b.x)
  const tallest = bodies.reduce((m, b) => Math.max(m, b.foliageM, b.flowerM), 0)
  return { figures, wall, fromX: frame.firstX, toX: frame.lastX, frontBaseM: -frame.depths.greatest * GROUND_FALL, topM: Math.max(tallest, ...(wall?.openings ?? []).map((o) => o.headM), 1.5) }
}

const depth = (f: Figure) => (f.body.at.plant.kind === 'climber' ? -1 : f.body.at.y)

/** The figure whose outline is nearest the viewer at a place of the picture (metres), or null. */
export function figureAt(list: Elevation, x: number, z: number): Figure | null {
  for (let i = list.figures.length - 1; i >= 0; i--) {
    const f = list.figures[i]!
    const height = Math.max(f.body.foliageM, f.body.flowerM) * f.scale
    if (Math.abs(x - f.x) <= (f.body.spreadM / 2) * f.scale && z >= f.baseM && z <= f.baseM + height) return f
  }
  return null
}

/** `eye 1.6 m, 3 m back` */
export const describeViewpoint = (v: Viewpoint) => `eye ${v.eyeHeightM} m, ${v.distanceM} m back`
