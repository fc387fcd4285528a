import { once } from '../once'
import type { DriftSpan, PlacedPlant, Placement } from './PlacedPlant'

/** The plants of each drift in their order, by its id; kept as long as the placement. */
export const plantsByDrift = once(({ plants }: Placement): ReadonlyMap<string, readonly PlacedPlant[]> => {
  const drifts = new Map<string, PlacedPlant[]>()
  for (const p of plants) {
    const own = drifts.get(p.driftId)
    if (own) own.push(p)
    else drifts.set(p.driftId, [p])
  }
  return drifts
})
/** The stretch of each drift, by its id; kept as long as the placement. */
export const spansByDrift = once(
  ({ spans }: Placement): ReadonlyMap<string, DriftSpan> => new Map(spans.map((s) => [s.driftId, s])),
)
