import { FRONT_OF_TRUNK_M, setbackM, type Behind } from '../bed'
import type { Plant } from '../plant'
import { onCentreM, rowDistanceM } from './spacing'

/**
 * Depth a stack of layers needs, metres: `setback + Σ row distances + w_front/2` from the wall; rows stand staggered, so a row
 * distance is `√(d² − (p/2)²)` with the pitch p of the narrower of the two, whose plants stand either side of the wider one's middle.
 * A tree in front reaches over the edge: its trunk alone needs room. `plants` holds the widest plant of each layer, back to front.
 * Source: docs/grounds/calculations, Spacing and counts (its `setback + w_back/2` is the back row's middle).
 */
export function depthNeededM(plants: readonly Plant[], k: number, behind: Behind = 'wall'): number {
  const back = plants[0]
  const front = plants[plants.length - 1]
  if (!back || !front) return 0
  let depth = firstRowM(back, behind)
  for (let i = 1; i < plants.length; i++) {
    const a = plants[i - 1]!
    const b = plants[i]!
    const d = onCentreM(a.spreadM, b.spreadM, k)
    depth += rowDistanceM(d, k * Math.min(a.spreadM, b.spreadM))
  }
  return depth + (front.kind === 'tree' ? FRONT_OF_TRUNK_M : front.spreadM / 2)
}

/** How far out the middles of the back row stand, metres. */
export function firstRowM(back: Pick<Plant, 'spreadM' | 'kind'>, behind: Behind): number {
  switch (behind) {
    case 'wall':
      return setbackM(back.spreadM, back.kind)
    case 'middle':
      return 0
    default:
      return back.spreadM / 2
  }
}
