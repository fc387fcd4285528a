import type { Bed, Drift } from '../model'
import type { Plant } from '../plant'
import { ByIdInOrder } from './ByIdInOrder'
import type { Group } from './groups'
import type { LaneWays, Way } from './RoomMaker'
import type { Meant } from './meant'
import type { PlacedPlant, Placement } from './PlacedPlant'
import type { ShapedDrift } from './shapes/ShapeSetter'

/** All that decides where the plants of a group are meant to stand. */
interface GroupAt {
  readonly middle: number
  readonly squeeze: number
  readonly shift: number
  /** The numbers of its drift that are pinned. */
  readonly pinned: string
}
interface Kept {
  readonly at: GroupAt
  readonly meants: readonly Meant[]
}
interface GroupsKept {
  readonly plant: Plant | undefined
  readonly numbers: readonly number[]
  readonly groups: readonly Group[]
}
interface ShapedKept {
  readonly plant: Plant
  readonly pinned: string
  /** Other drifts that it minds. */
  readonly beside: readonly Drift[]
  readonly set: ShapedDrift
}
interface Trace {
  readonly bed: Bed
  readonly library: ReadonlyMap<string, Plant>
  readonly k: number
  readonly groups: ReadonlyMap<Drift, GroupsKept>
  readonly meants: ReadonlyMap<Group, Kept>
  readonly ways: ReadonlyMap<string, LaneWays>
  readonly shaped: ReadonlyMap<Drift, ShapedKept>
}

const traces = new WeakMap<Placement, Trace>()

/** What is known from the placement of the bed before a change: what did not change is the same groups, meant places and plants. */
export class PlaceMemory {
  private readonly then: Trace | undefined
  private readonly groups = new Map<Drift, GroupsKept>()
  private readonly meants = new Map<Group, Kept>()
  private readonly ways = new Map<string, LaneWays>()
  private readonly shaped = new Map<Drift, ShapedKept>()
  readonly standing: readonly PlacedPlant[] | null
  readonly plants: ByIdInOrder<PlacedPlant>

  constructor(
    private readonly bed: Bed,
    private readonly library: ReadonlyMap<string, Plant>,
    private readonly k: number,
    before: Placement | undefined,
  ) {
    const trace = before && traces.get(before)
    const holds =
      trace &&
      trace.library === library &&
      trace.k === k &&
      (['outline', 'form', 'laneShares', 'laneStations', 'existing', 'features'] as const).every(
        (part) => trace.bed[part] === bed[part],
      )
    this.then = holds ? trace : undefined
    this.standing = holds ? before.standing : null
    this.plants = new ByIdInOrder(holds ? before.plants : [], (p) => p.id)
  }

  /** The groups of a drift: those it had while it is the same drift of the same plant. */
  groupsOf(
    drift: Drift,
    plant: Plant | undefined,
    numbers: readonly number[],
    make: () => readonly Group[],
  ): readonly Group[] {
    const former = this.then?.groups.get(drift)
    const holds = former && former.plant === plant && areEqual(former.numbers, numbers)
    const groups = holds ? former : { plant, numbers, groups: make() }
    this.groups.set(drift, groups)
    return groups.groups
  }

  /** Where the plants of a group are meant to stand: as before when nothing about it differs. */
  meantOf(group: Group, at: GroupAt, make: () => readonly Meant[]): readonly Meant[] {
    const kept = this.then?.meants.get(group)
    const meants = kept && isSame(kept.at, at) ? kept.meants : make()
    this.meants.set(group, { at, meants })
    return meants
  }

  /** A drift set in its shape: as before while it is the same drift, plant and pins. */
  shapedOf(
    drift: Drift,
    plant: Plant,
    pinned: string,
    beside: readonly Drift[],
    make: () => ShapedDrift,
  ): ShapedDrift {
    const former = this.then?.shaped.get(drift)
    const holds = former && former.plant === plant && former.pinned === pinned && areEqual(former.beside, beside)
    const kept = holds ? former : { plant, pinned, beside, set: make() }
    this.shaped.set(drift, kept)
    return kept.set
  }

  /** Settles the plants of a list of a lane, with how they moved before; null when nothing is known. */
  settle(list: string, settle: (former: ByIdInOrder<Way> | null) => LaneWays) {
    const known = this.then ? new ByIdInOrder(this.then.ways.get(list) ?? [], (w) => w.meant.tag.id) : null
    this.ways.set(list, settle(known))
  }

  /** Ties what has been learnt to the placement that came of it. */
  rememberBy(placement: Placement) {
    const { bed, library, k, groups, meants, ways, shaped } = this
    traces.set(placement, { bed, library, k, groups, meants, ways, shaped })
  }
}

const areEqual = <T>(a: readonly T[], b: readonly T[]) =>
  a === b || (a.length === b.length && a.every((n, i) => n === b[i]))

const isSame = (a: GroupAt, b: GroupAt) =>
  a.middle === b.middle && a.squeeze === b.squeeze && a.shift === b.shift && a.pinned === b.pinned
