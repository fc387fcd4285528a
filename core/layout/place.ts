import { bedFrame, laneBands, SCHOOLS, setbackM, type Bed, type BedFrame, type Drift, type LaneBand, type Pin } from '../bed'
import { clamp, hashText, lerp } from '../geometry'
import type { Plant } from '../plant'
import { driftShape } from './driftShape'
import { packBlocks, type Packed } from './packBlocks'
import { Settled, type Tag } from './Settled'

/** One plant standing in the bed: plan metres, and (s,t). */
export interface PlacedPlant {
  readonly id: string
  /** A number of its own, for what differs from plant to plant in the pictures. */
  readonly seed: number
  readonly driftId: string
  readonly index: number
  readonly plant: Plant
  readonly lane: number
  readonly x: number
  readonly y: number
  readonly pinned: boolean
  /** True when no lawful place was found: nearer to another than the school allows. */
  readonly crowded: boolean
}

/** The stretch of the bed a drift's plants take up, x in metres, as the score draws it. */
export interface DriftSpan { readonly driftId: string; readonly from: number; readonly to: number }

export interface Placement {
  readonly plants: readonly PlacedPlant[]
  readonly spans: readonly DriftSpan[]
  /** Of each lane: needed length over the bed's length; above 1 it is overfull. */
  readonly laneFill: readonly number[]
}

interface Group { readonly drift: Drift; readonly plant: Plant; readonly firstIndex: number; readonly wanted: number; readonly width: number; readonly places: readonly { dx: number; dy: number }[] }

const SLOPE_SAMPLES = 40

/**
 * Positions of every plant of a bed: on-centre spacing of the bed's school, blocks side by side in their lane, each row set
 * into the gaps of the row behind, setback kept, all inside. Deterministic. Drifts whose plant is not in the library are left out.
 */
export function place(bed: Bed, library: ReadonlyMap<string, Plant>, frame: BedFrame = bedFrame(bed.outline)): Placement {
  const k = SCHOOLS[bed.school].spacing
  const bands = laneBands(bed.laneShares)
  const pins = pinsByDrift(bed.pins)
  const settled = new Settled(frame, k)
  for (const drift of bed.drifts) {
    const plant = library.get(drift.plantId)
    if (!plant) continue
    for (const pin of pins.get(drift.id)?.values() ?? []) {
      if (pin.index < drift.count) settled.pin(tagOf(drift, pin.index), drift, plant, pin.x, pin.y)
    }
  }
  const laneFill = bands.map((band, lane) => {
    const slope = laneSlope(frame, band)
    const groups = bed.drifts.filter((d) => d.lane === lane).flatMap((d) => groupsOf(d, library.get(d.plantId), frame, band, slope, k))
    // Bulbs and their like thread between the others: they are packed among themselves, last.
    const [standing, weaving] = [false, true].map((weaves) => groups.filter((g) => (g.plant.spacingHabit === 'weaves') === weaves))
    for (const list of [standing!, weaving!]) {
      const packed = packBlocks(list, frame.firstX, frame.lastX)
      setInOrder(list, packed, lane)
    }
    return standing!.reduce((sum, g) => sum + g.width, 0) / (frame.lastX - frame.firstX)
  })

  /** Sets the groups from left to right; each may shift into a gap behind only as far as its neighbours leave room. */
  function setInOrder(groups: readonly Group[], { middles, squeeze }: Packed, lane: number) {
    const order = groups.map((_, i) => i).sort((a, b) => middles[a]! - middles[b]! || a - b)
    let leftEnd = frame.firstX
    order.forEach((g, n) => {
      const half = (groups[g]!.width * squeeze) / 2
      const next = order[n + 1]
      const rightEnd = next === undefined ? frame.lastX : middles[next]! - (groups[next]!.width * squeeze) / 2
      const room = { left: Math.max(0, middles[g]! - half - leftEnd), right: Math.max(0, rightEnd - middles[g]! - half) }
      leftEnd = middles[g]! + setGroup(groups[g]!, middles[g]!, squeeze, lane, room) + half
    })
  }

  /** Returns the shift it made. */
  function setGroup(group: Group, middle: number, squeeze: number, lane: number, room: { left: number; right: number }): number {
    const band = bands[lane]!
    const pinned = pins.get(group.drift.id)
    const free = group.places.map((p, i) => ({ dx: p.dx, dy: p.dy, index: group.firstIndex + i })).filter((p) => !pinned?.has(p.index))
    const limits = yLimits(frame, group.plant)
    const at = (dx: number, dy: number, shift: number) => {
      const x = clamp(middle + shift + dx * squeeze, frame.firstX, frame.lastX)
      const { least, most } = limits(x)
      return { x, y: clamp(laneMiddle(frame, band, x) + dy, least, most) }
    }
    const shift = squeeze < 1 ? 0 : settled.bestShift(free.map((p) => at(p.dx, p.dy, 0).x), lane, group.plant, room)
    for (const p of free) {
      const { x, y } = at(p.dx, p.dy, shift)
      settled.settle(tagOf(group.drift, p.index), group.drift, group.plant, x, y, limits)
    }
    return shift
  }
  const plants = settled.all()
  return { plants, spans: spansOf(bed.drifts, plants, k), laneFill }
}

function groupsOf(drift: Drift, plant: Plant | undefined, frame: BedFrame, band: LaneBand, slope: number, k: number): Group[] {
  if (!plant) return []
  const d = k * plant.spreadM
  const x = frame.xAt(drift.at)
  if (drift.pattern === 'dotted') {
    const every = Math.max(drift.everyM, d)
    return Array.from({ length: drift.count }, (_, i) => ({
      drift, plant, firstIndex: i, wanted: x + (i - (drift.count - 1) / 2) * every, width: d, places: [{ dx: 0, dy: 0 }],
    }))
  }
  const shape = driftShape(drift, d, frame.depthAt(x) * (band.to - band.from), slope)
  return [{ drift, plant, firstIndex: 0, wanted: x, width: shape.width, places: shape.places }]
}

const laneMiddle = (frame: BedFrame, band: LaneBand, x: number) => {
  const back = frame.back.yAt(x)
  return lerp(back, frame.front.yAt(x), (band.from + band.to) / 2)
}

/** Steepest rise of a lane's middle line, at most 1 (a stepped edge's riser is met by settling). */
function laneSlope(frame: BedFrame, band: LaneBand): number {
  const step = (frame.lastX - frame.firstX) / SLOPE_SAMPLES
  let steepest = 0
  for (let i = 0; i < SLOPE_SAMPLES; i++) {
    const x = frame.firstX + i * step
    steepest = Math.max(steepest, Math.abs(laneMiddle(frame, band, x + step) - laneMiddle(frame, band, x)) / step)
  }
  return Math.min(1, steepest)
}

/** Where a plant's middle may stand across the bed at x: off the wall by its setback, its whole spread inside the front. */
export function yLimits(frame: BedFrame, plant: Plant): (x: number) => { least: number; most: number } {
  return (x) => {
    const back = frame.back.yAt(x)
    const front = frame.front.yAt(x)
    const setback = plant.kind === 'tree' ? Math.max(0.6, plant.spreadM / 2) : setbackM(plant.spreadM, plant.kind)
    const least = back + setback
    const most = front - Math.min(plant.spreadM / 2, (front - back) / 2)
    return least <= most ? { least, most } : { least: Math.min(least, front - 0.05), most: Math.min(least, front - 0.05) }
  }
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

function spansOf(drifts: readonly Drift[], plants: readonly PlacedPlant[], k: number): DriftSpan[] {
  const spans = new Map<string, { from: number; to: number }>()
  for (const p of plants) {
    const half = (k * p.plant.spreadM) / 2
    const span = spans.get(p.driftId)
    if (!span) spans.set(p.driftId, { from: p.x - half, to: p.x + half })
    else { span.from = Math.min(span.from, p.x - half); span.to = Math.max(span.to, p.x + half) }
  }
  return drifts.flatMap((d) => { const s = spans.get(d.id); return s ? [{ driftId: d.id, ...s }] : [] })
}
