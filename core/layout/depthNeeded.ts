import { setbackM, type Behind } from '../bed'
import type { Plant } from '../plant'
import { onCentreM, rowDistanceM } from './spacing'

/**
 * Depth a stack of layers needs, metres: `setback + Σ row distances + w_front/2` from the wall; rows stand staggered, so a row
 * distance is `√(d² − (p/2)²)` with the pitch p of the wider of the two. `plants` holds the widest plant of each layer, back to front.
 * Source: design/calculations, Spacing and counts (its `setback + w_back/2` is the back row's middle).
 */
export function depthNeededM(plants: readonly Plant[], k: number, behind: Behind = 'wall'): number {
  const back = plants[0]
  const front = plants[plants.length - 1]
  if (!back || !front) return 0
  let depth =
    behind === 'wall'
      ? setbackM(back.spreadM, back.kind === 'tree' ? 'shrub' : back.kind)
      : behind === 'middle'
        ? 0
        : back.spreadM / 2
  for (let i = 1; i < plants.length; i++) {
    const a = plants[i - 1]!
    const b = plants[i]!
    const d = onCentreM(a.spreadM, b.spreadM, k)
    depth += rowDistanceM(d, k * Math.min(a.spreadM, b.spreadM))
  }
  return depth + front.spreadM / 2
}
