import { halfWidthAt } from '../plant'
import type { Body } from './bodies'

/** Flowers on stems fill this much of the way of the eye, in full flower. */
const FLOWER_DENSITY = 0.35
/** Dry flower stems stop as much as half the flowers did. */
const DRY_FLOWERS = 0.5
const FLOWERS_WIDE = 0.4
/** Radius of a grown tree's trunk, metres. */
const TRUNK_M = 0.06

/** A body's outline at one height: half its width (metres) and the share of light that it stops there. */
export interface Profile {
  readonly halfM: number
  readonly stops: number
}

const NOTHING: Profile = { halfM: 0, stops: 0 }

/** Height of bare trunk below a tree's crown as it stands, metres; 0 for all others. */
export const clearStemM = ({
  at,
  foliageM,
}: Pick<Body, 'foliageM'> & { readonly at: Pick<Body['at'], 'plant'> }): number =>
  at.plant.habit === 'tree' ? at.plant.clearStemM * Math.min(1, foliageM / at.plant.foliageHeightM) : 0

/** Height of a body as it stands: leaf or flower, whichever is taller; metres. */
export const topM = ({ foliageM, flowerM }: Pick<Body, 'foliageM' | 'flowerM'>): number =>
  Math.max(foliageM, flowerM)

/**
 * The one outline of a body, for occlusion, windows, screening and what lies under the pointer: trunk, then leaf by its habit, then flower
 * stems over it. `z` is metres above the plant's foot. Source: design/calculations, What is seen (a solid of revolution by habit).
 */
export function bodyProfile(body: Body, z: number): Profile {
  const { at, foliageM, spreadM, look } = body
  if (z < 0 || z > topM(body) || spreadM <= 0) return NOTHING
  const stemM = clearStemM(body)
  if (z < stemM) return { halfM: Math.min(TRUNK_M, spreadM / 2), stops: 1 }
  if (z <= foliageM && foliageM > stemM)
    return {
      halfM: (halfWidthAt(at.plant.habit, (z - stemM) / (foliageM - stemM)) * spreadM) / 2,
      stops: look.density,
    }
  const flowers = look.flower + (look.state === 'dry' ? DRY_FLOWERS : 0)
  return { halfM: FLOWERS_WIDE * spreadM, stops: FLOWER_DENSITY * Math.min(1, flowers) }
}
