import type { Drift } from '../model'
import { numbersOf, type BedFrame, type LaneBand } from '../bed'
import type { Plant } from '../plant'
import { runOfRows } from './alongRow'
import { driftShape, type DriftShape } from './driftShape'
import type { LaneTrack } from './laneTrack'
import { laneMiddle, laneRoom, type LaneRoom } from './laneRoom'
import { mixedNumbers } from './SetPlants'
import { LEAST_SHARE } from './spacing'

/** A drift (or one single of a repeat): where on its lane's track it is wanted, how wide it is, and its plants' offsets; metres. */
export interface Group {
  readonly drift: Drift
  readonly plant: Plant
  /** The numbers of its plants; the first of them have `places`, the others do not fit. */
  readonly numbers: readonly number[]
  readonly wanted: number
  readonly width: number
  /** How far out its middle lies. */
  readonly out: (a: number) => number
  readonly places: readonly { dx: number; dy: number }[]
}

/** A lane, as its drifts are set in it. */
export interface Lane {
  readonly lane: number
  readonly band: LaneBand
  readonly track: LaneTrack
  readonly slope: number
}

const SLOPE_SAMPLES = 40
const ONE = [{ dx: 0, dy: 0 }]

/**
 * The groups of a drift: one block, or its repeated singles, of the plants whose `numbers` are given. `spills` for pots, whose plants reach
 * over the rim.
 */
export function groupsOf(
  drift: Drift,
  plant: Plant | undefined,
  frame: BedFrame,
  lane: Lane,
  k: number,
  spills: boolean,
  given: readonly number[] = numbersOf(drift),
  kindOf: (number: number) => Plant = () => plant!,
): Group[] {
  if (!plant || given.length === 0) return []
  const numbers = mixedAlong(drift, given, frame)
  const { track, slope } = lane
  const d = k * plant.spreadM
  const a = frame.alongAt(drift.at)
  const wanted = track.fromRun(a)
  const room = laneRoom(frame, lane.band, plant, spills)
  const here = { drift, plant, out: outOf(frame, lane.band, plant, room) }
  if (drift.pattern === 'dotted') {
    const every = alongTrack(frame, track, a, Math.max(drift.everyM, d), here.out)
    const width = alongTrack(frame, track, a, d, here.out)
    return mixedAlong(drift, numbersOf(drift), frame).flatMap((number, i) => {
      if (!numbers.includes(number)) return []
      const at = around(wanted + (i - (drift.count - 1) / 2) * every, track, frame)
      return [{ ...here, plant: kindOf(number), numbers: [number], wanted: at, width, places: ONE }]
    })
  }
  const shape = driftShape({ count: numbers.length, pattern: drift.pattern }, d, room.depth(a), slope)
  return [fitted({ ...here, numbers, wanted }, leaning(shape, a, frame), d, frame, track)]
}

/** A mix is spread from the left, in the right half of a bed from the right, so that it mirrors. */
function mixedAlong(drift: Drift, numbers: readonly number[], { closed, runFrom, runTo, alongAt }: BedFrame) {
  if (!drift.mix) return numbers
  const order = mixedNumbers(drift, numbers)
  return closed || alongAt(drift.at) <= (runFrom + runTo) / 2 ? order : [...order].reverse()
}

/** Climbers stand at the foot of the wall. */
const outOf = (frame: BedFrame, band: LaneBand, plant: Plant, room: LaneRoom) =>
  plant.kind === 'climber' && frame.behind === 'wall' && band.from === 0
    ? (a: number) => room.limits(a).least
    : room.middle

/** Staggered rows lean one way: in the right half of a bed the other way, so that a mirrored bed has the mirrored places. */
function leaning(shape: DriftShape, a: number, { closed, runFrom, runTo }: BedFrame): DriftShape {
  if (closed || a <= (runFrom + runTo) / 2) return shape
  return { width: shape.width, places: shape.places.map(({ dx, dy }) => ({ dx: -dx, dy })).reverse() }
}

function fitted(
  group: Omit<Group, 'places' | 'width'>,
  { places, width }: DriftShape,
  d: number,
  frame: BedFrame,
  track: LaneTrack,
): Group {
  if (!frame.closed) return { ...group, places, width }
  const run = runOfRows(frame, frame.alongAt(group.drift.at), places, d, group.out)
  return { ...group, places, width: run * perRun(frame, track) }
}

/** Metres of the track for a running metre. */
const perRun = (frame: BedFrame, track: LaneTrack) => track.length / (frame.runTo - frame.runFrom)

/** Metres of the track for a way on the ground about a place. */
const alongTrack = (frame: BedFrame, track: LaneTrack, a: number, way: number, out: (a: number) => number) =>
  frame.closed ? runOfRows(frame, a, ONE, way, out) * perRun(frame, track) : way

/**
 * The groups of a lane, so many plants of each as have room beside what others have taken of it, metres: of an overfull lane the widest
 * groups lose plants until the rest stands at the least spacing. A single that has none is left with no place.
 */
export function fitGroups(
  groups: readonly Group[],
  frame: BedFrame,
  lane: Lane,
  k: number,
  spills: boolean,
  takenM: number,
): Group[] {
  const fit = [...groups]
  let need = fit.reduce((sum, g) => sum + g.width, takenM)
  while (need * LEAST_SHARE > lane.track.length + 1e-9) {
    const widest = fit.reduce((w, g, i) => (g.width > fit[w]!.width + 1e-9 ? i : w), 0)
    const group = fit[widest]
    if (!group || group.places.length === 0) break
    const less = withFewer(group, frame, lane, k, spills)
    need += less.width - group.width
    fit[widest] = less
  }
  return fit
}

function withFewer(group: Group, frame: BedFrame, lane: Lane, k: number, spills: boolean): Group {
  const left = group.places.length - 1
  if (left === 0) return { ...group, places: [], width: 0 }
  const d = k * group.plant.spreadM
  const room = laneRoom(frame, lane.band, group.plant, spills).depth(frame.alongAt(group.drift.at))
  const shape = driftShape({ count: left, pattern: group.drift.pattern }, d, room, lane.slope)
  return fitted(group, leaning(shape, frame.alongAt(group.drift.at), frame), d, frame, lane.track)
}

/** Singles of a repeat that pass the seam go on at the other end. */
const around = (l: number, track: LaneTrack, frame: BedFrame) =>
  frame.closed ? ((l % track.length) + track.length) % track.length : l

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

/** Steepest rise of a lane's middle line, at most 1. */
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
