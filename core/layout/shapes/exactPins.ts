import type { Drift, Pin } from '../../model'
import { numbersOf, type BedFrame } from '../../bed'
import { shapeAt } from './shapeAt'

type Pins = Map<string, Map<number, Pin>>

/** The pins, and the first plant of each drift that stands at a measured place: no other plant and no lane moves it. */
export function withExact(pins: Pins, drifts: readonly Drift[], frame: BedFrame): Pins {
  const exact = drifts.filter((d) => d.shape?.kind === 'exact' && !pins.has(d.id))
  if (exact.length === 0) return pins
  const all = new Map(pins)
  for (const drift of exact) {
    const { x, y } = shapeAt(drift, drift.shape!, frame).middle
    const index = numbersOf(drift)[0]!
    all.set(drift.id, new Map([[index, { driftId: drift.id, index, x, y }]]))
  }
  return all
}
