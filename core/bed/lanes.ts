import type { BedFrame } from './bedFrame'

const NAMES: Readonly<Record<number, readonly string[]>> = {
  1: ['Only'], 2: ['Back', 'Front'], 3: ['Back', 'Middle', 'Front'], 4: ['Back', 'Rear middle', 'Front middle', 'Front'],
}
/** Depth shares a new bed starts from: the back row is the widest. */
const START_SHARES: Readonly<Record<number, readonly number[]>> = { 1: [1], 2: [0.58, 0.42], 3: [0.46, 0.31, 0.23], 4: [0.37, 0.26, 0.2, 0.17] }

export const laneNames = (count: number) => NAMES[count] ?? []
export const startShares = (count: number) => START_SHARES[count] ?? [1]

/** A lane as a band of t from its back to its front. */
export interface LaneBand { readonly from: number; readonly to: number }

/** Bands of t of each lane, back to front, from the depth shares. */
export function laneBands(shares: readonly number[]): LaneBand[] {
  const whole = shares.reduce((a, b) => a + b, 0)
  let t = 0
  return shares.map((share, i) => {
    const from = t
    t = i === shares.length - 1 ? 1 : t + share / whole
    return { from, to: t }
  })
}

/** A lane's real depth in metres at x: measured, not assumed. */
export const laneDepthAt = (frame: BedFrame, band: LaneBand, x: number) => frame.depthAt(x) * (band.to - band.from)
