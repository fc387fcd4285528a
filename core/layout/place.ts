import {
  bedFrame,
  laneBands,
  numbersOf,
  schoolOf,
  type Bed,
  type BedFrame,
  type LaneBand,
  type Pin,
  type SchoolChanges,
} from '../bed'
import { clamp } from '../geometry'
import type { Plant } from '../plant'
import { groupsOf, laneMiddle, laneSlope, rowStretch, seamOf, type Group } from './groups'
import { laneTrack, type LaneTrack } from './laneTrack'
import { outLimits } from './outLimits'
import { packBlocks, type Packed } from './packBlocks'
import { pinsByDrift } from './pinsByDrift'
import type { PlacedPlant, Placement } from './PlacedPlant'
import { PlaceMemory, type GroupAsked, type GroupSet } from './placeMemory'
import { Settled } from './Settled'
import { spansOf } from './spans'
import { standingPlants } from './standing'
import { tagOf } from './tags'

/**
 * Positions of every plant of a bed: on-centre spacing of the bed's school, blocks side by side in their lane, each row set
 * into the gaps of the row behind, setback kept, all inside. Deterministic. Drifts whose plant is not in the library are left out.
 * With the placement of the bed before a change, what the change cannot reach is taken from there; the answer is the same.
 */
export function place(
  bed: Bed,
  library: ReadonlyMap<string, Plant>,
  frame: BedFrame = bedFrame(bed),
  schools?: SchoolChanges,
  before?: Placement,
): Placement {
  const k = schoolOf(bed, schools).spacing
  const memory = new PlaceMemory(bed, library, k, frame.closed ? undefined : before)
  const placer = new Placer(bed, library, frame, k, memory)
  const standing = memory.standing ?? standingPlants(bed, library, frame)
  placer.reserve(standing)
  const laneFill = laneBands(bed.laneShares).map((band, lane) => placer.fillLane(lane, band))
  const plants = placer.plants()
  const placement = { plants, standing, spans: spansOf(bed.drifts, plants, k, frame), laneFill }
  if (!frame.closed) memory.rememberBy(placement)
  return placement
}

interface Lane {
  readonly lane: number
  readonly band: LaneBand
  readonly track: LaneTrack
}

/** Rows may be set into gaps this far beside them, metres. */
const SEES_BEHIND_M = 1.2
/** Half a spread of shift, and four tenths of a sidestep. */
const MOVES = 0.9

class Placer {
  private readonly settled: Settled
  private readonly pins: Map<string, Map<number, Pin>>
  private widestM = 0

  constructor(
    private readonly bed: Bed,
    private readonly library: ReadonlyMap<string, Plant>,
    private readonly frame: BedFrame,
    private readonly k: number,
    private readonly memory: PlaceMemory,
  ) {
    this.settled = new Settled(frame, k)
    this.pins = pinsByDrift(bed.pins)
  }

  plants(): readonly PlacedPlant[] {
    return this.settled.all()
  }

  /** Keeps the places of what stands there already, and of what was set by hand. */
  reserve(standing: readonly PlacedPlant[]) {
    for (const p of standing) this.settled.stand(p)
    const widest = standing.map((p) => p.plant.spreadM)
    for (const drift of this.bed.drifts) {
      const plant = this.library.get(drift.plantId)
      if (!plant) continue
      widest.push(plant.spreadM)
      const pins = this.pins.get(drift.id)
      if (!pins) continue
      const numbers = new Set(numbersOf(drift))
      for (const pin of pins.values())
        if (numbers.has(pin.index)) this.settled.pin(tagOf(drift, pin.index), drift, plant, pin.x, pin.y)
    }
    this.widestM = Math.max(0, ...widest)
  }

  /** Sets all groups of a lane; needed length over the lane's length. */
  fillLane(lane: number, band: LaneBand): number {
    const { frame, bed, k } = this
    const slope = frame.closed ? 0 : laneSlope(frame, band)
    const drifts = bed.drifts.filter((d) => d.lane === lane)
    const track = laneTrack(frame, band, frame.closed ? seamOf(drifts, frame) : frame.runFrom)
    const groups = drifts.flatMap((d) => {
      const plant = this.library.get(d.plantId)
      return this.memory.groupsOf(d, plant, () => groupsOf(d, plant, frame, band, track, slope, k))
    })
    // Bulbs and their like thread between the others: they are packed among themselves, last.
    const weaves = (g: Group) => g.plant.spacingHabit === 'weaves'
    const standing = groups.filter((g) => !weaves(g))
    const alone =
      frame.behind === 'middle' && lane === 0 && standing.length === 1 && standing[0]!.places.length === 1
    for (const list of [standing, groups.filter(weaves)])
      this.setInOrder(list, packBlocks(list, 0, track.length), { lane, band, track }, alone)
    return standing.reduce((sum, g) => sum + g.width, 0) / track.length
  }

  /** Sets the groups from left to right; each may shift into a gap behind only as far as its neighbours leave room. */
  private setInOrder(groups: readonly Group[], { middles, squeeze }: Packed, lane: Lane, alone: boolean) {
    this.memory.noteMoved(groups, middles, squeeze)
    const order = groups.map((_, i) => i).sort((a, b) => middles[a]! - middles[b]! || a - b)
    let leftEnd = 0
    order.forEach((g, n) => {
      const group = groups[g]!
      const middle = middles[g]!
      const half = (group.width * squeeze) / 2
      const next = order[n + 1]
      const rightEnd = next === undefined ? lane.track.length : middles[next]! - (groups[next]!.width * squeeze) / 2
      const left = Math.max(0, middle - half - leftEnd)
      const right = Math.max(0, rightEnd - middle - half)
      const asked = { group, middle, squeeze, left, right, alone, free: this.freeNumbers(group) }
      leftEnd = middle + this.setGroup(asked, lane) + half
    })
  }

  /** Numbers of a group's plants that no hand has set. */
  private freeNumbers({ drift, firstIndex, places }: Group): number[] {
    const pinned = this.pins.get(drift.id)
    const numbers = numbersOf(drift).slice(firstIndex, firstIndex + places.length)
    return pinned ? numbers.filter((n) => !pinned.has(n)) : [...numbers]
  }

  /** Sets a group as before when nothing about it differs, or anew; the shift it made. */
  private setGroup(asked: GroupAsked, lane: Lane): number {
    const kept = this.memory.recall(asked, this.reachOf(asked, lane.track))
    if (kept) {
      for (const p of kept.plants) this.settled.again(p)
      return kept.shift
    }
    const set = this.setAnew(asked, lane)
    this.memory.keep(asked, set)
    return set.shift
  }

  /** The running stretch in which a group may be set, or look for others. */
  private reachOf({ group, middle, squeeze }: GroupAsked, track: LaneTrack) {
    const { spreadM } = group.plant
    const looks = Math.max(SEES_BEHIND_M, (this.k * (spreadM + this.widestM)) / 2)
    const half = (group.width * squeeze) / 2 + spreadM * MOVES + looks
    const at = track.toRun(middle)
    return { from: at - half, to: at + half }
  }

  /** A plant alone in the middle lane of a round bed stands in the very middle. */
  private setAnew(
    { group, middle, squeeze, left, right, alone }: GroupAsked,
    { lane, band, track }: Lane,
  ): GroupSet {
    const { frame, settled } = this
    const pinned = this.pins.get(group.drift.id)
    const numbers = numbersOf(group.drift)
    const free = group.places
      .map((p, i) => ({ dx: p.dx, dy: p.dy, index: numbers[group.firstIndex + i]! }))
      .filter((p) => !pinned?.has(p.index))
    const limits = outLimits(frame, group.plant, this.bed.form.kind === 'container')
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
    const unshifted = () => free.map((p) => at(p.dx, p.dy, 0).a)
    const shift = even ? 0 : settled.bestShift(unshifted(), lane, group.plant, { left, right })
    const plants = free.map((p) => {
      const { a, v } = at(p.dx, p.dy, shift)
      return settled.settle(tagOf(group.drift, p.index), group.drift, group.plant, a, v, limits)
    })
    return { plants, shift }
  }
}
