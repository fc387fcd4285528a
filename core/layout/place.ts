import {
  bedFrame,
  laneBands,
  schoolOf,
  FRONT_OF_TRUNK_M,
  type Bed,
  type BedFrame,
  type Drift,
  type LaneBand,
  type Pin,
  type SchoolChanges,
  numbersOf,
} from '../bed'
import { clamp, hashText } from '../geometry'
import type { Plant } from '../plant'
import { firstRowM } from './depthNeeded'
import { driftShape } from './driftShape'
import { laneTrack, type LaneTrack } from './laneTrack'
import { packBlocks, type Packed } from './packBlocks'
import { Settled, type Tag } from './Settled'
import { standingPlants } from './standing'

/** One plant standing in the bed: plan metres, and its running place and way out from the back. */
export interface PlacedPlant {
  readonly id: string
  /** A number of its own, for what differs from plant to plant in the pictures. */
  readonly seed: number
  readonly driftId: string
  /** The number it was given in its drift. */
  readonly index: number
  readonly plant: Plant
  readonly lane: number
  readonly x: number
  readonly y: number
  readonly along: number
  readonly out: number
  readonly pinned: boolean
  /** True when no lawful place was found: nearer to another than the school allows. */
  readonly crowded: boolean
  /** The bed it stands in, when it is a plant of another one. */
  readonly neighbour?: string
  /** Height of its ground over the bed's own, metres, when it differs: a plant of another bed. */
  readonly groundM?: number
  /** Of a plant that stood there before: its size then, and what was done to it; a gap is reserved and shows nothing. */
  readonly standing?: {
    readonly heightM: number
    readonly spreadM: number
    readonly cutBack: boolean
    readonly divided: number
    readonly gap: boolean
    /** Whether its kind is in the library. */
    readonly known: boolean
  }
}

/**
 * The stretch of the bed a drift's plants take up as the score draws it, in the bed's running coordinate; round a
 * bed it may pass the seam.
 */
export interface DriftSpan {
  readonly driftId: string
  readonly from: number
  readonly to: number
}

export interface Placement {
  readonly plants: readonly PlacedPlant[]
  /** What stood there before and keeps its place; nothing is set into it. */
  readonly standing: readonly PlacedPlant[]
  readonly spans: readonly DriftSpan[]
  /** Of each lane: needed length over the lane's length; above 1 it is overfull. */
  readonly laneFill: readonly number[]
}

/** A drift (or one single of a repeat): where on its lane's track it is wanted, how wide it is, and its plants' offsets; metres. */
interface Group {
  readonly drift: Drift
  readonly plant: Plant
  readonly firstIndex: number
  readonly wanted: number
  readonly width: number
  readonly places: readonly { dx: number; dy: number }[]
}

const SLOPE_SAMPLES = 40

/**
 * Positions of every plant of a bed: on-centre spacing of the bed's school, blocks side by side in their lane, each row set
 * into the gaps of the row behind, setback kept, all inside. Deterministic. Drifts whose plant is not in the library are left out.
 */
export function place(
  bed: Bed,
  library: ReadonlyMap<string, Plant>,
  frame: BedFrame = bedFrame(bed),
  schools?: SchoolChanges,
): Placement {
  const k = schoolOf(bed, schools).spacing
  const bands = laneBands(bed.laneShares)
  const pins = pinsByDrift(bed.pins)
  const settled = new Settled(frame, k)
  const limitsOf = (plant: Plant) => outLimits(frame, plant, bed.form.kind === 'container')
  const standing = standingPlants(bed, library, frame)
  for (const p of standing) settled.stand(p)
  for (const drift of bed.drifts) {
    const plant = library.get(drift.plantId)
    if (!plant) continue
    for (const pin of pins.get(drift.id)?.values() ?? []) {
      if (numbersOf(drift).includes(pin.index)) settled.pin(tagOf(drift, pin.index), drift, plant, pin.x, pin.y)
    }
  }
  const laneFill = bands.map((band, lane) => {
    const slope = frame.closed ? 0 : laneSlope(frame, band)
    const drifts = bed.drifts.filter((d) => d.lane === lane)
    const track = laneTrack(frame, band, frame.closed ? seamOf(drifts, frame) : frame.runFrom)
    const groups = drifts.flatMap((d) => groupsOf(d, library.get(d.plantId), frame, band, track, slope, k))
    // Bulbs and their like thread between the others: they are packed among themselves, last.
    const [standing, weaving] = [false, true].map((weaves) =>
      groups.filter((g) => (g.plant.spacingHabit === 'weaves') === weaves),
    )
    const alone =
      frame.behind === 'middle' && lane === 0 && standing!.length === 1 && standing![0]!.places.length === 1
    for (const list of [standing!, weaving!]) {
      setInOrder(list, packBlocks(list, 0, track.length), lane, track, alone)
    }
    return standing!.reduce((sum, g) => sum + g.width, 0) / track.length
  })

  /** Sets the groups from left to right; each may shift into a gap behind only as far as its neighbours leave room. */
  function setInOrder(
    groups: readonly Group[],
    { middles, squeeze }: Packed,
    lane: number,
    track: LaneTrack,
    alone: boolean,
  ) {
    const order = groups.map((_, i) => i).sort((a, b) => middles[a]! - middles[b]! || a - b)
    let leftEnd = 0
    order.forEach((g, n) => {
      const half = (groups[g]!.width * squeeze) / 2
      const next = order[n + 1]
      const rightEnd = next === undefined ? track.length : middles[next]! - (groups[next]!.width * squeeze) / 2
      const room = {
        left: Math.max(0, middles[g]! - half - leftEnd),
        right: Math.max(0, rightEnd - middles[g]! - half),
      }
      leftEnd = middles[g]! + setGroup(groups[g]!, middles[g]!, squeeze, lane, room, track, alone) + half
    })
  }

  /** Returns the shift it made. A plant alone in the middle lane of a round bed stands in the very middle. */
  function setGroup(
    group: Group,
    middle: number,
    squeeze: number,
    lane: number,
    room: { left: number; right: number },
    track: LaneTrack,
    alone: boolean,
  ): number {
    const band = bands[lane]!
    const pinned = pins.get(group.drift.id)
    const numbers = numbersOf(group.drift)
    const free = group.places
      .map((p, i) => ({ dx: p.dx, dy: p.dy, index: numbers[group.firstIndex + i]! }))
      .filter((p) => !pinned?.has(p.index))
    const limits = limitsOf(group.plant)
    const at = (dx: number, dy: number, shift: number) => {
      // A row nearer the middle of a round bed has less room: its plants lie further round.
      const wider = frame.closed ? rowStretch(frame, band, track.toRun(middle + shift), dy) : 1
      const along = track.toRun(middle + shift + dx * squeeze * wider)
      const a = frame.closed ? along : clamp(along, frame.runFrom, frame.runTo)
      const { least, most } = limits(a)
      return { a, v: alone ? 0 : clamp(laneMiddle(frame, band, a) + dy, least, most) }
    }
    // Singles repeated round a bed keep their even step.
    const even = squeeze < 1 || (frame.closed && group.drift.pattern === 'dotted')
    const shift = even
      ? 0
      : settled.bestShift(
          free.map((p) => at(p.dx, p.dy, 0).a),
          lane,
          group.plant,
          room,
        )
    for (const p of free) {
      const { a, v } = at(p.dx, p.dy, shift)
      settled.settle(tagOf(group.drift, p.index), group.drift, group.plant, a, v, limits)
    }
    return shift
  }
  const plants = settled.all()
  return { plants, standing, spans: spansOf(bed.drifts, plants, k, frame), laneFill }
}

function groupsOf(
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
function rowStretch(frame: BedFrame, band: LaneBand, a: number, dy: number): number {
  const mid = laneMiddle(frame, band, a)
  return frame.stretchAt(a, mid) / frame.stretchAt(a, Math.max(0.05, mid + dy))
}

/** A running place brought into one turn, from 0. */
const turned = (a: number, frame: BedFrame) => {
  const l = frame.runTo - frame.runFrom
  return ((a % l) + l) % l
}

/** Where a closed lane is cut open: in the middle of its widest stretch without a block. */
function seamOf(drifts: readonly Drift[], frame: BedFrame): number {
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
const laneMiddle = (frame: BedFrame, band: LaneBand, a: number) => (frame.depthAlong(a) * (band.from + band.to)) / 2

/** Steepest rise of a lane's middle line, at most 1 (a stepped edge's riser is met by settling). */
function laneSlope(frame: BedFrame, band: LaneBand): number {
  const step = (frame.runTo - frame.runFrom) / SLOPE_SAMPLES
  let steepest = 0
  const y = (a: number) => frame.back.yAt(a) + laneMiddle(frame, band, a)
  for (let i = 0; i < SLOPE_SAMPLES; i++) {
    const a = frame.runFrom + i * step
    steepest = Math.max(steepest, Math.abs(y(a + step) - y(a)) / step)
  }
  return Math.min(1, steepest)
}

/**
 * How far out from the back a plant's middle may stand at a running place: off the wall by its setback, clear of a
 * rim, its whole spread inside the edge.
 */
export function outLimits(
  frame: BedFrame,
  plant: Plant,
  spills = false,
): (a: number) => { least: number; most: number } {
  const half = plant.spreadM / 2
  const first = firstRowM(plant, frame.behind)
  return (a) => {
    const depth = frame.depthAlong(a)
    const least = frame.behind === 'wall' ? first : Math.min(first, depth / 2)
    const most = depth - Math.min(frontRoomM(plant, half, spills), depth / 2)
    // Where the wall's distance cannot be kept inside the bed, as far from the wall as the bed allows.
    const inside = depth - LEAST_EDGE_M
    return least <= most ? { least, most } : { least: Math.min(least, inside), most: Math.min(least, inside) }
  }
}

const LEAST_EDGE_M = 0.05

/** Ground kept between a plant's middle and the front: half its spread; a pot's plants spill over its rim, and a crown over the edge. */
function frontRoomM(plant: Plant, half: number, spills: boolean): number {
  if (spills) return LEAST_EDGE_M
  return plant.kind === 'tree' ? FRONT_OF_TRUNK_M : half
}

function pinsByDrift(pins: readonly Pin[]): Map<string, Map<number, Pin>> {
  const drifts = new Map<string, Map<number, Pin>>()
  for (const pin of pins) {
    const there = drifts.get(pin.driftId)
    if (there) there.set(pin.index, pin)
    else drifts.set(pin.driftId, new Map([[pin.index, pin]]))
  }
  return drifts
}

/** Ids and seeds are made once a drift: the same texts again cost nothing to look up. */
const tags = new Map<string, Tag[]>()
const MOST_TAGGED_DRIFTS = 20_000

function tagOf(drift: Drift, index: number): Tag {
  let list = tags.get(drift.id)
  if (!list) {
    if (tags.size > MOST_TAGGED_DRIFTS) tags.clear()
    tags.set(drift.id, (list = []))
  }
  return (list[index] ??= makeTag(`${drift.id}:${index}`, index))
}

const makeTag = (id: string, index: number): Tag => ({ id, index, seed: hashText(id) })

function spansOf(
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
