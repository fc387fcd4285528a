import type { Bed } from '../model'
import type { BedFrame } from '../bed'
import type { Placement } from './PlacedPlant'

/** The middle of the longest empty stretch of a lane, metres along the bed (`s`) and on its run (`along`). */
export function freeSpot(
  { placement, frame, bed }: { readonly placement: Placement; readonly frame: BedFrame; readonly bed: Bed },
  lane: number,
): { readonly s: number; readonly along: number } {
  const own = new Set(bed.drifts.filter((d) => d.lane === lane).map((d) => d.id))
  const spans = placement.spans.filter((s) => own.has(s.driftId)).sort((a, b) => a.from - b.from)
  let best = { from: frame.runFrom, to: frame.runFrom }
  let x = frame.runFrom
  for (const span of [...spans, { from: frame.runTo, to: frame.runTo }]) {
    if (span.from - x > best.to - best.from) best = { from: x, to: span.from }
    x = Math.max(x, span.to)
  }
  const along = (best.from + best.to) / 2
  return { s: frame.sAt(along), along }
}
