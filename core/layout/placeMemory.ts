import type { Bed, Drift } from '../bed'
import type { Plant } from '../plant'
import type { Group } from './groups'
import type { PlacedPlant, Placement } from './PlacedPlant'

/** All that decides where a group is set, but for what stands round it. */
export interface GroupAsked {
  readonly group: Group
  readonly middle: number
  readonly squeeze: number
  readonly left: number
  readonly right: number
  readonly alone: boolean
  /** Numbers of its plants that are free to be set. */
  readonly free: readonly number[]
}

export interface GroupSet {
  readonly plants: readonly PlacedPlant[]
  readonly shift: number
}

interface Kept {
  readonly asked: GroupAsked
  readonly set: GroupSet
}

interface Trace {
  readonly bed: Bed
  readonly library: ReadonlyMap<string, Plant>
  readonly k: number
  readonly groups: ReadonlyMap<string, Kept>
  readonly ofDrift: ReadonlyMap<Drift, readonly Group[]>
}

const traces = new WeakMap<Placement, Trace>()
const keyOf = ({ drift, firstIndex }: Group) => `${drift.id}:${firstIndex}`

/**
 * What is known from the placement of the same bed before a change: a group of which nothing differs, nor anything as far as it looks, is
 * set again as it was. Only for beds that run from side to side.
 */
export class PlaceMemory {
  private readonly kept: ReadonlyMap<string, Kept>
  private readonly now = new Map<string, Kept>()
  private readonly formerGroups: ReadonlyMap<Drift, readonly Group[]>
  private readonly groupsNow = new Map<Drift, readonly Group[]>()
  /** Stretches of the running coordinate in which something differs by now. */
  private readonly changed: { from: number; to: number }[] = []
  readonly standing: readonly PlacedPlant[] | null

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
      (['outline', 'form', 'laneShares', 'existing'] as const).every((part) => trace.bed[part] === bed[part])
    this.kept = holds ? trace.groups : new Map()
    this.formerGroups = holds ? trace.ofDrift : new Map()
    this.standing = holds ? before.standing : null
    if (holds) this.noteVanished(trace.bed)
  }

  /** The groups of a drift: those it had while it is the same drift of the same plant. */
  groupsOf(drift: Drift, plant: Plant | undefined, make: () => readonly Group[]): readonly Group[] {
    const former = this.formerGroups.get(drift)
    const groups = former && former[0]?.plant === plant ? former : make()
    this.groupsNow.set(drift, groups)
    return groups
  }

  /** Marks a stretch in which something differs from before. */
  note(plants: readonly PlacedPlant[]) {
    if (plants.length === 0) return
    let from = Infinity
    let to = -Infinity
    for (const { along } of plants) {
      from = Math.min(from, along)
      to = Math.max(to, along)
    }
    this.changed.push({ from, to })
  }

  /** Marks where the groups of a lane were that are wanted elsewhere now: before any is set, for their order may differ. */
  noteMoved(groups: readonly Group[], middles: readonly number[], squeeze: number) {
    groups.forEach((group, i) => {
      const kept = this.kept.get(keyOf(group))
      if (!kept) return
      const { asked, set } = kept
      if (asked.middle !== middles[i] || asked.squeeze !== squeeze || asked.group.drift !== group.drift)
        this.note(set.plants)
    })
  }

  /** How a group was set before, when it may be set so again; `reach` is the stretch it looks at. */
  recall(asked: GroupAsked, reach: { from: number; to: number }): GroupSet | null {
    const kept = this.kept.get(keyOf(asked.group))
    if (!kept || !isSame(kept.asked, asked)) return null
    if (this.changed.some((c) => c.from <= reach.to && c.to >= reach.from)) return null
    this.now.set(keyOf(asked.group), kept)
    return kept.set
  }

  keep(asked: GroupAsked, set: GroupSet) {
    const kept = this.kept.get(keyOf(asked.group))
    if (!kept || !areSame(kept.set.plants, set.plants)) {
      this.note(set.plants)
      if (kept) this.note(kept.set.plants)
    }
    this.now.set(keyOf(asked.group), { asked, set })
  }

  /** Ties what has been learnt to the placement that came of it. */
  rememberBy(placement: Placement) {
    traces.set(placement, {
      bed: this.bed,
      library: this.library,
      k: this.k,
      groups: this.now,
      ofDrift: this.groupsNow,
    })
  }

  private noteVanished(before: Bed) {
    const lanes = new Map(this.bed.drifts.map((d) => [d.id, d]))
    for (const { asked, set } of this.kept.values()) {
      const now = lanes.get(asked.group.drift.id)
      if (!now || now !== asked.group.drift) this.note(set.plants)
    }
    if (before.pins === this.bed.pins) return
    const pins = new Map(this.bed.pins.map((p) => [`${p.driftId}:${p.index}`, p]))
    for (const p of before.pins) {
      const now = pins.get(`${p.driftId}:${p.index}`)
      if (now && now.x === p.x && now.y === p.y) pins.delete(`${p.driftId}:${p.index}`)
      else this.changed.push({ from: p.x, to: p.x })
    }
    for (const p of pins.values()) this.changed.push({ from: p.x, to: p.x })
  }
}

const isSame = (a: GroupAsked, b: GroupAsked) =>
  a.group.drift === b.group.drift &&
  a.group.plant === b.group.plant &&
  a.middle === b.middle &&
  a.squeeze === b.squeeze &&
  a.left === b.left &&
  a.right === b.right &&
  a.alone === b.alone &&
  a.free.length === b.free.length &&
  a.free.every((n, i) => n === b.free[i])

const areSame = (a: readonly PlacedPlant[], b: readonly PlacedPlant[]) =>
  a.length === b.length &&
  a.every((p, i) => {
    const q = b[i]!
    return p.x === q.x && p.y === q.y && p.plant === q.plant && p.lane === q.lane && p.crowded === q.crowded
  })
