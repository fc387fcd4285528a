import type { Bed, LaneStation } from '../model'
import { toMm, clamp } from '../geometry'
import type { BedFrame } from './frame'
import { bandsOf } from './lanes'

type Lanes = Pick<Bed, 'laneShares' | 'laneStations'>

/** The shares of the lanes at a place along the front edge, metres. */
export function laneSharesAt(bed: Lanes, frame: BedFrame, atM: number): number[] {
  const a = frame.alongAt(atM)
  return bandsOf(bed, frame).map((band) => share(band.toAt(a) - band.fromAt(a)))
}

const share = (n: number) => Math.round(Math.max(0, n) * 1000) / 1000
/** Nearer than this two stations are one, metres. */
const SAME_M = 0.15

/**
 * The stations of a bed with one at a place: there the line between two lanes (1: the first inner one) lies `t` of the way from the back.
 * The first station brings one at either end of the bed along, where the lanes stay as they were.
 */
export function withLaneLine(bed: Lanes, frame: BedFrame, atM: number, line: number, t: number): LaneStation[] {
  const at = toMm(clamp(atM, 0, frame.frontLength))
  const there = bed.laneStations.length > 0 ? [...bed.laneStations] : endsOf(bed, frame)
  const near = there.find((s) => Math.abs(s.atM - at) < SAME_M)
  const shares = near?.shares ?? laneSharesAt(bed, frame, at)
  const edges = shares.reduce<number[]>((list, n) => [...list, list[list.length - 1]! + n], [0])
  const whole = edges[edges.length - 1]!
  const moved = clamp(t * whole, edges[line - 1]!, edges[line + 1]!)
  const now = edges.map((e, i) => (i === line ? moved : e))
  const station = { atM: near?.atM ?? at, shares: shares.map((_, i) => share((now[i + 1]! - now[i]!) / whole)) }
  return [...there.filter((s) => s !== near), station].sort((a, b) => a.atM - b.atM)
}

const endsOf = (bed: Lanes, frame: BedFrame): LaneStation[] =>
  frame.closed ? [] : [0, toMm(frame.frontLength)].map((atM) => ({ atM, shares: bed.laneShares }))

/** The stations without one; with only those at the ends of the bed left, none. */
export function withoutLaneStation(stations: readonly LaneStation[], atM: number): readonly LaneStation[] {
  const left = stations.filter((s) => s.atM !== atM)
  return left.length > 2 || left.some((s) => JSON.stringify(s.shares) !== JSON.stringify(left[0]!.shares))
    ? left
    : []
}
