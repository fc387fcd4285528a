import type { Bed, BedKind } from '../model'
import { clamp, lerp } from '../geometry'
import type { BedFrame } from './frame'

const NAMES: Readonly<Record<number, readonly string[]>> = {
  1: ['Only'],
  2: ['Back', 'Front'],
  3: ['Back', 'Middle', 'Front'],
  4: ['Back', 'Rear middle', 'Front middle', 'Front'],
}
/** Depth shares a new bed starts from: the back row is the widest. */
const START_SHARES: Readonly<Record<number, readonly number[]>> = {
  1: [1],
  2: [0.58, 0.42],
  3: [0.46, 0.31, 0.23],
  4: [0.37, 0.26, 0.2, 0.17],
}

/** Beds round a middle, and those with two fronts, have names of their own. */
const ROUND: Readonly<Record<number, readonly string[]>> = {
  1: ['Only'],
  2: ['Middle', 'Edge'],
  3: ['Middle', 'Body', 'Edge'],
  4: ['Middle', 'Inner', 'Outer', 'Edge'],
}
const POT: Readonly<Record<number, readonly string[]>> = {
  1: ['Only'],
  2: ['Centre', 'Trail'],
  3: ['Centre', 'Body', 'Trail'],
}
const TWO_SIDED: Readonly<Record<number, readonly string[]>> = {
  1: ['Only'],
  3: ['Far front', 'Spine', 'Near front'],
  5: ['Far front', 'Far middle', 'Spine', 'Near middle', 'Near front'],
}

const NAMES_OF: Partial<Readonly<Record<BedKind, typeof NAMES>>> = {
  'two-sided': TWO_SIDED,
  container: POT,
  island: ROUND,
  ring: ROUND,
  court: ROUND,
}
/** The names of a bed's lanes. A number of them that its kind does not offer, as a bed brought in may have, is named by number. */
export const laneNames = (count: number, kind: BedKind = 'foundation'): readonly string[] =>
  (NAMES_OF[kind] ?? NAMES)[count] ?? Array.from({ length: count }, (_, i) => `Lane ${i + 1}`)

const COUNTS_OF: Partial<Readonly<Record<BedKind, readonly number[]>>> = {
  'two-sided': [1, 3, 5],
  container: [1, 2, 3],
}
/** How many lanes a kind of bed can have. */
export const laneCounts = (kind: BedKind): readonly number[] => COUNTS_OF[kind] ?? [1, 2, 3, 4]
export const startShares = (count: number, kind: BedKind = 'foundation') =>
  (kind === 'two-sided' ? TWO_SIDED_SHARES : START_SHARES)[count] ?? [1]
const TWO_SIDED_SHARES: Readonly<Record<number, readonly number[]>> = {
  1: [1],
  3: [0.3, 0.4, 0.3],
  5: [0.16, 0.2, 0.28, 0.2, 0.16],
}

/** The side of a two-sided bed that a place across it belongs to, and its way (0 to 1) from the spine to that side's front. */
export const fromSpine = (t: number): { readonly front: 'near' | 'far'; readonly t: number } =>
  t >= 0.5 ? { front: 'near', t: 2 * t - 1 } : { front: 'far', t: 1 - 2 * t }

/** A lane as a band of t from its back to its front: in the bed as a whole, and at a running place. */
export interface LaneBand {
  readonly from: number
  readonly to: number
  fromAt(a: number): number
  toAt(a: number): number
}

/** Bands of t of each lane, back to front, from the depth shares. */
export function laneBands(shares: readonly number[]): LaneBand[] {
  const edges = edgesOf(shares)
  return shares.map((_, i) => {
    const [from, to] = [edges[i]!, edges[i + 1]!]
    return { from, to, fromAt: () => from, toAt: () => to }
  })
}

/** Where lanes begin and end across the depth, 0 to 1. */
function edgesOf(shares: readonly number[]): number[] {
  const whole = shares.reduce((a, b) => a + b, 0) || 1
  let t = 0
  return [0, ...shares.map((share, i) => (t = i === shares.length - 1 ? 1 : t + share / whole))]
}

/** The lanes of a bed; where it has stations, each lane is as deep as the stations beside it say, straight between them. */
export function bandsOf(bed: Pick<Bed, 'laneShares' | 'laneStations'>, frame: BedFrame): LaneBand[] {
  const plain = laneBands(bed.laneShares)
  const lanes = bed.laneShares.length
  const stations = bed.laneStations.filter((s) => s.shares.length === lanes)
  if (stations.length === 0) return plain
  const cuts = stations.map((s) => ({ atM: s.atM, edges: edgesOf(s.shares) })).sort((a, b) => a.atM - b.atM)
  const edgeAt = (i: number) => (a: number) => {
    const s = frame.closed ? frame.sAt(a) : frame.sAt(clamp(a, frame.runFrom, frame.runTo))
    const next = cuts.findIndex((c) => c.atM > s)
    const before = cuts[next < 0 ? cuts.length - 1 : Math.max(0, next - 1)]!
    const after = cuts[next < 0 ? cuts.length - 1 : next]!
    const long = after.atM - before.atM
    return lerp(before.edges[i]!, after.edges[i]!, long > 0 ? clamp((s - before.atM) / long, 0, 1) : 0)
  }
  return plain.map(({ from, to }, i) => ({ from, to, fromAt: edgeAt(i), toAt: edgeAt(i + 1) }))
}

/** The way from the back (0) to the front (1) at which the middle of a lane lies. */
export function laneMiddleShare(shares: readonly number[], lane: number): number {
  const { from, to } = laneBands(shares)[lane] ?? { from: 0, to: 1 }
  return (from + to) / 2
}

/** A lane's real depth in metres at a running place: measured, not assumed. */
export const laneDepthAt = (frame: BedFrame, band: LaneBand, a: number) =>
  frame.depthAlong(a) * (band.toAt(a) - band.fromAt(a))
