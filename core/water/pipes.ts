import type { Tap } from '../model'

/** Smoothness of polyethylene, and inside widths of the pipes, metres: drip pipe of 16 mm, main of 25 mm. */
const SMOOTH = 140
export const DRIP_INSIDE_M = 0.0136
export const MAIN_INSIDE_M = 0.0204
const M_A_BAR = 10.2
/** Drip works at one bar; a row may lose a fifth of it from its first to its last emitter. */
const WORKING_BAR = 1
const LOSS_SHARE = 0.2
/** So much of the tap's flow is planned on: pressure falls when all of it is drawn. */
const USABLE = 0.75
/** Filter, valve and pressure reducer together, bar. */
export const FITTINGS_BAR = 0.5
/** What a garden tap gives until it is measured: litres a minute and bar. */
export const USUAL_TAP: Tap = { litres: 10, seconds: 40, bar: 2.5 }

/** Litres an hour that a tap gives. */
export const tapFlowLH = ({ litres, seconds }: Tap): number => (litres / seconds) * 3600
/** Litres an hour of it that a zone may draw. */
export const usableLH = (tap: Tap): number => tapFlowLH(tap) * USABLE

/**
 * Pressure lost in a pipe, bar, after Hazen and Williams: `10.67 · L · Q^1.852 / (C^1.852 · d^4.87)`, litres an hour and metres; with
 * outlets evenly along it less, by their number (Christiansen). Source: docs/grounds/calculations, Materials, water, work, money.
 */
export function lostBar(flowLH: number, lengthM: number, insideM: number, outlets = 0): number {
  if (flowLH <= 0 || lengthM <= 0) return 0
  const m3s = flowLH / 3_600_000
  const head = (10.67 * lengthM * m3s ** 1.852) / (SMOOTH ** 1.852 * insideM ** 4.87)
  return (head * (outlets > 0 ? alongShare(outlets) : 1)) / M_A_BAR
}
const POWER = 1.852
const alongShare = (n: number) => 1 / (POWER + 1) + 1 / (2 * n) + Math.sqrt(POWER - 1) / (6 * n * n)

/** The longest row, metres, whose last emitter still gives nearly what its first does. */
export function longestRowM(emitterLH: number, emitterM: number): number {
  const most = WORKING_BAR * LOSS_SHARE
  let [low, high] = [1, 4000]
  while (high - low > 1) {
    const n = Math.floor((low + high) / 2)
    if (lostBar(n * emitterLH, n * emitterM, DRIP_INSIDE_M, n) <= most) low = n
    else high = n
  }
  return low * emitterM
}
