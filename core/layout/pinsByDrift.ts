import type { Pin } from '../model'

/** Pins of each drift by the number of their plant. */
export function pinsByDrift(pins: readonly Pin[]): Map<string, Map<number, Pin>> {
  const drifts = new Map<string, Map<number, Pin>>()
  for (const pin of pins) {
    const there = drifts.get(pin.driftId)
    if (there) there.set(pin.index, pin)
    else drifts.set(pin.driftId, new Map([[pin.index, pin]]))
  }
  return drifts
}
