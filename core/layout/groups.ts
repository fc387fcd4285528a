import type { BedFrame, Drift, LaneBand } from '../bed'
import type { Plant } from '../plant'
import { driftShape } from './driftShape'
import type { LaneTrack } from './laneTrack'

/** A drift (or one single of a repeat): where on its lane's track it is wanted, how wide it is, and its plants' offsets; metres. */
export interface Group {
  readonly drift: Drift
  readonly plant: Plant
  readonly firstIndex: number
  readonly wanted: number
  readonly width: number
  readonly places: readonly { dx: number; dy: number }[]
}

const SLOPE_SAMPLES = 40

/** The groups of a drift: one block, or its repeated singles. */
export function groupsOf(
  drift: Drift,
  plant: Plant | undefined,
  frame: BedFrame,
  band: LaneBand,
  track: LaneTrack,
  slope: number,
  k: number,
): Group[] {
  if (!plant) return []
  const d = k * plant.spreadM
  const a = frame.alongAt(drift.at)
  const wanted = track.fromRun(a)
  if (drift.pattern === 'dotted') {
    const every = Math.max(drift.everyM, d)
    return Array.from({ length: drift.count }, (_, i) => ({
      drift,
      plant,
      firstIndex: i,
      wanted: around(wanted + (i - (drift.count - 1) / 2) * every, track, frame),
      width: d,
      places: [{ dx: 0, dy: 0 }],
    }))
  }
  const shape = driftShape(drift, d, frame.depthAlong(a) * (band.to - band.from), slope)
  return [{ drift, plant, firstIndex: 0, wanted, width: shape.width, places: shape.places }]
}

/** Singles of a repeat that pass the seam go on at the other end. */
const around = (l: number, track: LaneTrack, frame: BedFrame) =>
  frame.closed ? ((l % track.length) + track.length) % track.length : l

/** Length of the lane's middle line over that of a row `dy` further out. */
export function rowStretch(frame: BedFrame, band: LaneBand, a: number, dy: number): number {
  const mid = laneMiddle(frame, band, a)
  return frame.stretchAt(a, mid) / frame.stretchAt(a, Math.max(0.05, mid + dy))
}

/** A running place brought into one turn, from 0. */
const turned = (a: number, frame: BedFrame) => {
  const l = frame.runTo - frame.runFrom
  return ((a % l) + l) % l
}

/** Where a closed lane is cut open: in the middle of its widest stretch without a block. */
export function seamOf(drifts: readonly Drift[], frame: BedFrame): number {
  const ends = drifts.map((d) => turned(d.at, frame)).sort((a, b) => a - b)
  if (ends.length === 0) return 0
  const whole = frame.runTo - frame.runFrom
  let best = 0
  let widest = -1
  ends.forEach((a, i) => {
    const next = i + 1 < ends.length ? ends[i + 1]! : ends[0]! + whole
    if (next - a > widest) {
      widest = next - a
      best = (a + next) / 2
    }
  })
  return turned(best, frame)
}

/** How far out the middle of a lane lies, metres. */
export const laneMiddle = (frame: BedFrame, band: LaneBand, a: number) =>
  (frame.depthAlong(a) * (band.from + band.to)) / 2

/** Steepest rise of a lane's middle line, at most 1 (a stepped edge's riser is met by settling). */
export function laneSlope(frame: BedFrame, band: LaneBand): number {
  const step = (frame.runTo - frame.runFrom) / SLOPE_SAMPLES
  let steepest = 0
  const y = (a: number) => frame.back.yAt(a) + laneMiddle(frame, band, a)
  for (let i = 0; i < SLOPE_SAMPLES; i++) {
    const a = frame.runFrom + i * step
    steepest = Math.max(steepest, Math.abs(y(a + step) - y(a)) / step)
  }
  return Math.min(1, steepest)
}
