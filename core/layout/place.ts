import type { Bed, Drift, Pin, SchoolChanges, Shape } from '../model'
import {
  bandsOf,
  bedFrame,
  featureDiscs,
  numbersOf,
  schoolOf,
  type BedFrame,
  type Disc,
  type LaneBand,
} from '../bed'
import { clamp, type Point } from '../geometry'
import type { Plant } from '../plant'
import { alongRow } from './alongRow'
import { fitGroups, groupsOf, laneSlope, seamOf, type Group, type Lane } from './groups'
import { restOf, rowsOf, type Place } from './groupRows'
import { laneRoom } from './laneRoom'
import { laneTrack } from './laneTrack'
import type { Meant } from './meant'
import { packBlocks, type Block } from './packBlocks'
import { pinsByDrift } from './pinsByDrift'
import type { DriftShift, PlacedPlant, PlacedShape, Placement } from './PlacedPlant'
import { PlaceMemory } from './placeMemory'
import { SetPlants } from './SetPlants'
import { Settled } from './Settled'
import { withExact } from './shapes/exactPins'
import { ShapeSetter, type ShapedDrift } from './shapes/ShapeSetter'
import { spansOf } from './spans'
import { standingPlants } from './standing'
import { tagOf } from './tags'
import { takenBlocks, takenByThings, type Stretch } from './taken'

/**
 * Positions of every plant of a bed: on-centre spacing of the bed's school, blocks side by side in their lane, masses and rows set
 * toward the gaps of the row behind, setback kept, every plant inside its lane. Deterministic, and a mirrored bed has the mirrored places.
 * Drifts whose plant is not in the library are left out. With the placement of the bed before a change, what did not change is the same
 * objects; the answer is the same.
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
  placer.setShapes()
  const laneFill = bed.laneShares.map((_, lane) => placer.fillLane(lane))
  placer.setLast()
  const plants = placer.plants()
  const spans = spansOf(bed.drifts, plants, k, frame)
  const placement = { plants, standing, spans, shapes: placer.shapes, laneFill, shifts: placer.shifts }
  memory.rememberBy(placement)
  return placement
}

/** Groups of so many plants were put where they are on purpose: they are not shifted into gaps. */
const ON_PURPOSE = 3
/** Shapes that go by what stands already, in the order in which they are set. */
const LAST = ['ring', 'climb', 'beneath', 'scatter'] as const
const goesLast = ({ kind }: Shape) => LAST.some((last) => last === kind)

/** No one sees less, metres. */
const LEAST_SHIFT_M = 0.01

const isClimber = ({ plant }: Group) => plant.kind === 'climber'
/** Bulbs and their like thread between the others. */
const weaves = ({ plant }: Group) => plant.spacingHabit === 'weaves'
const stands = (g: Group) => !isClimber(g) && !weaves(g)

class Placer {
  private readonly settled: Settled
  private readonly pins: Map<string, Map<number, Pin>>
  private readonly spills: boolean
  private readonly setter: ShapeSetter
  private readonly kinds: SetPlants
  private readonly bands: readonly LaneBand[]
  private readonly discs: readonly Disc[]
  readonly shapes: PlacedShape[] = []
  readonly shifts: DriftShift[] = []

  constructor(
    private readonly bed: Bed,
    private readonly library: ReadonlyMap<string, Plant>,
    private readonly frame: BedFrame,
    private readonly k: number,
    private readonly memory: PlaceMemory,
  ) {
    this.settled = new Settled(frame, k, memory.plants)
    this.kinds = new SetPlants(bed, library)
    this.bands = bandsOf(bed, frame)
    this.discs = bed.features.flatMap(featureDiscs)
    this.pins = withExact(pinsByDrift(bed.pins), bed.drifts, frame)
    this.spills = bed.form.kind === 'container'
    const { kinds, bands, discs, pins } = this
    this.setter = new ShapeSetter({ bed, frame, k, kinds, bands, discs, pins })
  }

  plants(): readonly PlacedPlant[] {
    return this.settled.all()
  }

  /** Keeps the places of what stands there already, and of what was set by hand. */
  reserve(standing: readonly PlacedPlant[]) {
    for (const disc of this.discs) this.settled.block(disc)
    for (const p of standing) this.settled.stand(p)
    for (const drift of this.bed.drifts) {
      const pins = this.pins.get(drift.id)
      if (!pins || !this.kinds.lead(drift)) continue
      const numbers = new Set(numbersOf(drift))
      for (const { index, x, y } of pins.values()) {
        if (!numbers.has(index)) continue
        const lane = drift.shape ? this.setter.laneAt({ x, y }) : drift.lane
        this.settled.pin(tagOf(drift, index), drift, this.kinds.of(drift, index), x, y, lane)
      }
    }
    this.settled.pinsAreSet()
  }

  /** Sets the drifts that have a shape of their own; lanes make way for them. */
  setShapes() {
    const drifts = this.bed.drifts.filter((d) => d.shape && !goesLast(d.shape))
    const set = drifts.flatMap((drift) => {
      const plant = this.kinds.lead(drift)
      const pinned = pinnedIn(this.pins.get(drift.id))
      const beside = this.setter.minds(drift)
      return plant ? this.memory.shapedOf(drift, plant, pinned, beside, () => this.setter.shaped(drift, plant)) : []
    })
    this.settleShapes('shapes', set)
  }

  /** Sets what goes by others, once those stand: rings, skirts and climbers, then what lies beneath, then what is scattered among all. */
  setLast() {
    for (const kind of LAST) {
      const standing = this.settled.all()
      const hasRoom = (plant: Plant, p: Point) => this.settled.hasRoomAt(plant, p)
      const set = this.bed.drifts.flatMap((drift) => {
        const plant = this.kinds.lead(drift)
        if (drift.shape?.kind !== kind || !plant) return []
        return [this.setter.beside(drift, plant, { standing, hasRoom })]
      })
      if (set.length > 0) this.settleShapes(kind, set)
    }
  }

  private settleShapes(name: string, set: readonly ShapedDrift[]) {
    this.shapes.push(...set.map((s) => s.shape))
    const meants = set.flatMap((s) => s.meants)
    this.memory.settle(name, (former) => this.settled.settle(meants, former))
  }

  /** Sets all groups of a lane; needed length over the lane's length. */
  fillLane(number: number): number {
    const { frame, bed, k } = this
    const band = this.bands[number]!
    const drifts = bed.drifts.filter((d) => d.lane === number && !d.shape)
    const track = laneTrack(frame, band, frame.closed ? seamOf(drifts, frame) : frame.runFrom)
    const lane: Lane = { lane: number, band, track, slope: frame.closed ? 0 : laneSlope(frame, band) }
    const groups = drifts.flatMap((d) => {
      const plant = this.kinds.lead(d)
      const numbers = plant ? this.inPlace(d, plant, lane) : []
      const kindOf = (number: number) => this.kinds.of(d, number)
      return this.memory.groupsOf(d, plant, numbers, () =>
        groupsOf(d, plant, frame, lane, k, this.spills, numbers, kindOf),
      )
    })
    const all = groups.filter(stands)
    const taken = takenBlocks([...this.takenIn(lane), ...takenByThings(this.discs, lane, this.frame)])
    this.setSideBySide(`${number}:climbers`, groups.filter(isClimber), lane, [])
    this.setSideBySide(`${number}:standing`, all, lane, taken)
    this.setSideBySide(`${number}:weaving`, groups.filter(weaves), lane, [])
    return (widthOf(all) + widthOf(taken)) / track.length
  }

  /** Numbers of a drift's plants that have a place in it: all but those that a hand has set elsewhere, more than a spacing off. */
  private inPlace(drift: Drift, plant: Plant, lane: Lane): readonly number[] {
    const numbers = numbersOf(drift)
    const pinned = this.pins.get(drift.id)
    if (!pinned) return numbers
    const d = this.k * plant.spreadM
    const places = new Map<number, Place & { readonly a: number; readonly v: number }>()
    for (const group of groupsOf(drift, plant, this.frame, lane, this.k, this.spills)) {
      const middle = lane.track.toRun(group.wanted)
      group.places.forEach((p, i) => {
        places.set(group.numbers[i]!, { ...p, a: middle + p.dx, v: group.out(middle) + p.dy })
      })
    }
    const isElsewhere = (number: number) => {
      const pin = pinned.get(number)
      const own = places.get(number)
      if (!pin || !own) return false
      const at = this.frame.at(own.a, own.v)
      return Math.hypot(pin.x - at.x, pin.y - at.y) > d
    }
    return numbers.some(isElsewhere) ? numbers.filter((n) => !isElsewhere(n)) : numbers
  }

  /** Sets groups beside one another; masses and rows shift toward gaps behind as far as their neighbours leave room. */
  private setSideBySide(name: string, all: readonly Group[], lane: Lane, taken: readonly Block[]) {
    const groups = fitGroups(all, this.frame, lane, this.k, this.spills, widthOf(taken))
    const free = groups.map((g) => this.extentOf(g))
    const blocks = groups.map((g, i) => ({ wanted: g.wanted + free[i]!.offset, width: free[i]!.width }))
    const { middles, squeeze } = packBlocks([...blocks, ...taken], 0, lane.track.length)
    const order = groups.map((_, i) => i).sort((a, b) => middles[a]! - middles[b]! || a - b)
    const ends = (i: number | undefined, side: -1 | 1) =>
      i === undefined ? null : middles[i]! + (side * blocks[i]!.width * squeeze) / 2
    const meants: Meant[] = []
    order.forEach((i, n) => {
      const group = groups[i]!
      const middle = middles[i]! - free[i]!.offset * squeeze
      // A neighbour may come half of the way.
      const left = (ends(i, -1)! - (ends(order[n - 1], 1) ?? 0)) / 2
      const right = ((ends(order[n + 1], -1) ?? lane.track.length) - ends(i, 1)!) / 2
      const room = { left: Math.max(0, left), right: Math.max(0, right) }
      const shift = squeeze < 1 ? 0 : this.shiftOf(group, middle, lane, room)
      this.noteShift(group, middle - group.wanted, shift)
      const at = { middle, squeeze, shift, pinned: pinnedIn(this.pins.get(group.drift.id)) }
      meants.push(...this.memory.meantOf(group, at, () => this.meantOf(group, middle + shift, squeeze, lane)))
    })
    this.memory.settle(name, (former) => this.settled.settle(meants, former))
  }

  private noteShift({ drift, places }: Group, byOthersM: number, intoGapM: number) {
    const isOne = drift.pattern !== 'dotted' && places.length > 0
    if (isOne && Math.abs(byOthersM + intoGapM) >= LEAST_SHIFT_M)
      this.shifts.push({ driftId: drift.id, intoGapM, byOthersM })
  }

  /** The stretches of a lane that drifts of other shapes take up. */
  private takenIn({ lane, track }: Lane): Stretch[] {
    const shaped = new Set(this.shapes.map((s) => s.driftId))
    if (shaped.size === 0) return []
    return this.settled.all().flatMap(({ driftId, lane: its, along, plant, crowded }) => {
      if (its !== lane || crowded || !shaped.has(driftId) || plant.spacingHabit === 'weaves') return []
      const half = (this.k * plant.spreadM) / 2
      const l = track.fromRun(along)
      return [{ from: l - half, to: l + half }]
    })
  }

  /** The stretch that a group's plants take which no hand has set, about its middle; metres of the track. */
  private extentOf(group: Group): { readonly offset: number; readonly width: number } {
    const pinned = this.pins.get(group.drift.id)
    if (!pinned) return { offset: 0, width: group.width }
    const free = group.places.filter((_, i) => !pinned.has(group.numbers[i]!))
    if (free.length === group.places.length) return { offset: 0, width: group.width }
    if (free.length === 0) return { offset: 0, width: 0 }
    const d = this.k * group.plant.spreadM
    const xs = free.map((p) => p.dx)
    const least = Math.min(...xs)
    const most = Math.max(...xs)
    const all = group.places.map((p) => p.dx)
    const perMetre = group.width / (Math.max(...all) - Math.min(...all) + d)
    return { offset: ((least + most) / 2) * perMetre, width: (most - least + d) * perMetre }
  }

  private isOnlyOne({ numbers, drift }: Group): boolean {
    if (numbers.length > 1) return false
    return this.bed.drifts.filter((d) => d.lane === drift.lane && this.isStanding(d)).length === 1
  }

  private isStanding(drift: Drift): boolean {
    const plant = this.kinds.lead(drift)
    return plant !== undefined && plant.spacingHabit !== 'weaves' && plant.kind !== 'climber'
  }

  private shiftOf(
    group: Group,
    middle: number,
    { lane, track }: Lane,
    room: { left: number; right: number },
  ): number {
    const { drift, plant, places } = group
    if (lane === 0 || !stands(group) || drift.pattern === 'dotted' || places.length <= ON_PURPOSE) return 0
    const as = places.map((p) => track.toRun(middle) + p.dx)
    return this.settled.shiftIntoGaps(as, lane, this.k * plant.spreadM, room)
  }

  /** Where the plants of a group are meant to stand; those that found no room at all in the lane are shown along its stretch. */
  private meantOf(group: Group, middle: number, squeeze: number, { lane, band, track }: Lane): Meant[] {
    const { frame } = this
    const { drift, plant, places } = group
    const pinned = this.pins.get(drift.id)
    const { limits: ofLead } = laneRoom(frame, band, plant, this.spills)
    const centre = track.toRun(middle)
    // A plant alone in the middle lane of a round bed stands in the very middle.
    const isAlone = frame.behind === 'middle' && lane === 0 && this.isOnlyOne(group)
    const spots = rowsOf([...places, ...restOf(group)], squeeze, (dxs, dy) =>
      alongRow(frame, centre, dxs, (a) => group.out(a) + dy),
    )
    return spots.flatMap(({ a: along, dy }, i) => {
      const index = group.numbers[i]!
      if (pinned?.has(index)) return []
      const a = frame.closed ? along : clamp(along, frame.runFrom, frame.runTo)
      const kind = drift.mix ? this.kinds.of(drift, index) : plant
      const limits = kind === plant ? ofLead : laneRoom(frame, band, kind, this.spills).limits
      const { least, most } = limits(a)
      const v = isAlone ? 0 : clamp(group.out(a) + dy, least, most)
      const { x, y } = frame.at(a, v)
      const isTooMany = i >= places.length
      const at = frame.closed ? frame.alongAt(a) : a
      return [{ tag: tagOf(drift, index), drift, plant: kind, x, y, a: at, v, limits, isTooMany }]
    })
  }
}

const widthOf = (blocks: readonly { readonly width: number }[]) => blocks.reduce((sum, b) => sum + b.width, 0)

const pinnedIn = (pins: ReadonlyMap<number, Pin> | undefined): string => (pins ? [...pins.keys()].join() : '')
