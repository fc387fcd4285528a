import type { DriftSpan, PlacedPlant, Placement } from './PlacedPlant'

const kept = new WeakMap<Placement, ReadonlyMap<string, readonly PlacedPlant[]>>()
const keptSpans = new WeakMap<Placement, ReadonlyMap<string, DriftSpan>>()

/** The plants of each drift in their order, by its id; kept as long as the placement. */
export function plantsByDrift(placement: Placement): ReadonlyMap<string, readonly PlacedPlant[]> {
  const known = kept.get(placement)
  if (known) return known
  const drifts = new Map<string, PlacedPlant[]>()
  for (const p of placement.plants) {
    const own = drifts.get(p.driftId)
    if (own) own.push(p)
    else drifts.set(p.driftId, [p])
  }
  kept.set(placement, drifts)
  return drifts
}

/** The stretch of each drift, by its id; kept as long as the placement. */
export function spansByDrift(placement: Placement): ReadonlyMap<string, DriftSpan> {
  const known = keptSpans.get(placement)
  if (known) return known
  const spans = new Map(placement.spans.map((s) => [s.driftId, s]))
  keptSpans.set(placement, spans)
  return spans
}
