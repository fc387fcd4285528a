import type { Drift } from '../model'
import type { BedFrame } from '../bed'
import type { DriftSpan, PlacedPlant } from './PlacedPlant'

/** The stretch of each drift. */
export function spansOf(
  drifts: readonly Drift[],
  plants: readonly PlacedPlant[],
  k: number,
  frame: BedFrame,
): DriftSpan[] {
  const spans = new Map<string, { from: number; to: number }>()
  const whole = frame.runTo - frame.runFrom
  for (const p of plants) {
    const half = Math.min(
      whole / 2,
      (k * p.plant.spreadM) / 2 / (frame.closed ? frame.stretchAt(p.along, Math.max(0.05, p.out)) : 1),
    )
    const span = spans.get(p.driftId)
    // Round a bed each plant is taken on the turn nearest to its drift's others.
    const near = span ? (span.from + span.to) / 2 : p.along
    const along = frame.closed ? p.along + Math.round((near - p.along) / whole) * whole : p.along
    if (!span) spans.set(p.driftId, { from: along - half, to: along + half })
    else {
      span.from = Math.min(span.from, along - half)
      span.to = Math.max(span.to, along + half)
    }
  }
  return drifts.flatMap((d) => {
    const s = spans.get(d.id)
    if (!s) return []
    return [{ driftId: d.id, from: s.from, to: frame.closed ? Math.min(s.to, s.from + whole) : s.to }]
  })
}
