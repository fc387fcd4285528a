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
interface Profile {
  halfM: number
  stops: number
}

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
 * stems over it. `z` is metres above the plant's foot. It is asked for every row of every picture: the answer may be written into a
 * profile at hand. Source: docs/grounds/calculations, What is seen (a solid of revolution by habit).
 */
export function bodyProfile(body: Body, z: number, into: Profile = { halfM: 0, stops: 0 }): Profile {
  const { at, foliageM, spreadM, look } = body
  into.halfM = 0
  into.stops = 0
  if (z < 0 || z > topM(body) || spreadM <= 0) return into
  const stemM = clearStemM(body)
  if (z < stemM) {
    into.halfM = Math.min(TRUNK_M, spreadM / 2)
    into.stops = 1
  } else if (z <= foliageM && foliageM > stemM) {
    into.halfM = (halfWidthAt(at.plant.habit, (z - stemM) / (foliageM - stemM)) * spreadM) / 2
    into.stops = look.density
  } else {
    const flowers = look.flower + (look.state === 'dry' ? DRY_FLOWERS : 0)
    into.halfM = FLOWERS_WIDE * spreadM
    into.stops = FLOWER_DENSITY * Math.min(1, flowers)
  }
  return into
}
