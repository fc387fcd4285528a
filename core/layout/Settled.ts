import type { Drift } from '../model'
import type { BedFrame, Disc } from '../bed'
import { clamp, type Point } from '../geometry'
import type { Plant } from '../plant'
import type { ByIdInOrder } from './ByIdInOrder'
import { crowdedAmong } from './crowdedAmong'
import { changedStretch } from './changedStretch'
import { isNear, RoomMaker, type ChangedSpot, type LaneWays, type Mover, type Way } from './RoomMaker'
import type { Meant } from './meant'
import type { PlacedPlant } from './PlacedPlant'
import { PlantGrid } from './PlantGrid'
import type { Tag } from './tags'
import { towardGap } from './towardGap'

/** To make room or find it a plant moves at most this share of its spacing, a single less; what weaves so far, metres. */
const MOVES = 0.75
const SINGLE_MOVES = 0.5
const WEAVES_M = 0.35

/** How far a plant may move from where it was meant to stand, metres. */
function boundOf({ plant, drift }: Meant, k: number): number {
  const d = k * plant.spreadM
  if (plant.spacingHabit === 'weaves') return Math.max(WEAVES_M, MOVES * d)
  return drift.count === 1 || drift.pattern === 'dotted' ? SINGLE_MOVES * d : MOVES * d
}

const BEYOND_M = 1e-6

/**
 * The plants standing so far, and those of a lane that find their places among them. All that stand too near push one another apart
 * a little at a time, evenly to both sides, each within its lane and its bound about where it was meant; what stands already gives no way.
 */
export class Settled {
  private readonly grid: PlantGrid
  private readonly list: PlacedPlant[] = []
  private readonly lanes: number[][] = []
  private readonly changed: ChangedSpot[] = []
  /** The lane whose running places are in order. */
  private sorted = -1

  constructor(
    private readonly frame: BedFrame,
    private readonly k: number,
    private readonly before: ByIdInOrder<PlacedPlant>,
  ) {
    this.grid = new PlantGrid(frame, k)
  }

  pin(tag: Tag, drift: Drift, plant: Plant, x: number, y: number, lane = drift.lane) {
    const { a, v } = this.frame.locate({ x, y })
    this.grid.add(plant, x, y)
    this.show({ tag, drift, plant, x, y, a, v, lane }, true, false)
  }

  /** Keeps plants off a thing that does not grow. */
  block(disc: Disc) {
    this.grid.block(disc)
  }

  /** Whether one more plant would have room at a place. */
  hasRoomAt(plant: Plant, { x, y }: Point): boolean {
    return this.grid.hasRoomAt(plant, x, y)
  }

  /** Once all pins are set: those let go since before leave their places. */
  pinsAreSet() {
    const now = new Set(this.list.map((p) => p.id))
    for (const p of this.before.list) if (p.pinned && !now.has(p.id)) this.note(p, p.plant)
  }

  /** Keeps the place of a plant that stood there before. */
  stand(placed: PlacedPlant) {
    this.grid.add(placed.plant, placed.x, placed.y)
  }

  /** Sets the plants of a lane; how they moved. With how they did before a change, only what it can reach is moved anew. */
  settle(meants: readonly Meant[], former: ByIdInOrder<Way> | null): LaneWays {
    const standing = meants.some((m) => m.isTooMany) ? meants.filter((m) => !m.isTooMany) : meants
    const then = former && standing.map((meant, i) => wayOf(meant, former, i))
    const changed = then ? this.changedIn(standing, then, former.list) : []
    const known = then && { then, changed }
    return (known && this.settleNear(meants, standing, known)) ?? this.settleAll(meants, standing, known)
  }

  private settleAll(meants: readonly Meant[], standing: readonly Meant[], known: KnownWays | null): LaneWays {
    const first = this.grid.size
    const set = this.makeRoom(standing, known?.then ?? null, known?.changed ?? [])
    this.leaveOut(set)
    let n = first
    for (const meant of meants) this.showSettled(meant, meant.isTooMany ? -1 : n++, set)
    return set.ways
  }

  /**
   * Of a lane that changed in one stretch, all that stands beyond it keeps its place unseen; null when there is no such stretch, or when
   * what happens there reaches farther.
   */
  private settleNear(meants: readonly Meant[], standing: readonly Meant[], known: KnownWays): LaneWays | null {
    const { then, changed } = known
    const stretch = changedStretch(standing, then, (i) =>
      isNear(standing[i]!, boundOf(standing[i]!, this.k), changed),
    )
    if (!stretch) return null
    const start = this.grid.size
    const kept: (PlacedPlant | null)[] = []
    const inside: Meant[] = []
    const waysInside: (Way | undefined)[] = []
    for (const [i, meant] of standing.entries()) {
      if (meant.x > stretch.from && meant.x < stretch.to) {
        inside.push(meant)
        waysInside.push(then[i])
        kept.push(null)
        continue
      }
      const placed = this.before.get(meant.tag.id, this.list.length + i)
      if (!placed) return this.takeBack(start)
      kept.push(placed)
      if (!placed.crowded) this.grid.add(placed.plant, placed.x, placed.y)
    }
    const first = this.grid.size
    const set = this.makeRoom(inside, waysInside, changed)
    if (set.maker.hasSeen(start, first)) return this.takeBack(start)
    this.leaveOut(set)
    let [i, n] = [0, first]
    for (const meant of meants) {
      const placed = meant.isTooMany ? null : kept[i++]
      if (placed) this.keep(placed)
      else this.showSettled(meant, meant.isTooMany ? -1 : n++, set)
    }
    let k = 0
    return kept.map((placed, at) => (placed ? then[at]! : set.ways[k++]!))
  }

  /** All that was added since is gone again. */
  private takeBack(start: number): null {
    for (let n = start; n < this.grid.size; n++) this.grid.takeAway(n)
    return null
  }

  private keep(placed: PlacedPlant) {
    ;(this.lanes[placed.lane] ??= []).push(placed.along)
    if (this.sorted === placed.lane) this.sorted = -1
    this.list.push(placed)
  }

  /** Moves plants until all have room or no more is to be had; who moved, and who found none. */
  private makeRoom(
    standing: readonly Meant[],
    then: readonly (Way | undefined)[] | null,
    changed: readonly ChangedSpot[],
  ): MadeRoom {
    const { grid } = this
    const first = grid.size
    const movers = standing.map((meant): Mover => {
      const boundM = boundOf(meant, this.k)
      return { meant, n: grid.add(meant.plant, meant.x, meant.y, boundM), boundM }
    })
    const middleX = (this.frame.firstX + this.frame.lastX) / 2
    const ground = { grid, middleX, within: (m: Mover, x: number, y: number) => this.within(m, x, y) }
    const maker = new RoomMaker(ground, movers, then, changed)
    maker.run()
    const tooNear = (n: number) => maker.near(n).filter((other) => grid.hasNoRoom(n, other))
    const { conflicts, ways } = maker.finish((n) => grid.isSqueezedOut(n))
    return { maker, ways, crowded: crowdedAmong(conflicts, tooNear, first), moved: new Set(maker.moved) }
  }

  private leaveOut({ crowded, moved }: MadeRoom) {
    for (const n of crowded) this.grid.takeAway(n)
    for (const n of moved) if (!crowded.has(n)) this.grid.settleAt(n)
  }

  /**
   * The shift along the bed that sets a row's plants toward the middles of the gaps of the lane just behind: a quarter of the spacing
   * where that helps most, none where it stands in a gap already or right before a plant, and in between smoothly.
   */
  shiftIntoGaps(
    as: readonly number[],
    lane: number,
    spacingM: number,
    room: { left: number; right: number },
  ): number {
    const behind = this.behind(lane)
    if (behind.length === 0 || as.length === 0) return 0
    let sum = 0
    for (const a of as) sum += towardGap(behind, a)
    return clamp((sum / as.length) * (spacingM / 4), -room.left, room.right)
  }

  /** Pinned plants first, then lane by lane. */
  all(): readonly PlacedPlant[] {
    return this.list
  }

  /** All places that differ from before, those of the lane's own meant plants too. */
  private changedIn(
    standing: readonly Meant[],
    then: readonly (Way | undefined)[],
    former: readonly Way[],
  ): ChangedSpot[] {
    const own: ChangedSpot[] = []
    const spot = (m: Meant) => ({ x: m.x, y: m.y, reachM: boundOf(m, this.k) + this.k * m.plant.spreadM })
    standing.forEach((meant, i) => {
      const before = then[i]?.meant
      if (before === meant) return
      own.push(spot(meant))
      if (before) own.push(spot(before))
    })
    let met = 0
    for (const way of then) if (way) met++
    if (met < former.length) {
      const ids = new Set(standing.map((m) => m.tag.id))
      for (const { meant } of former) {
        const { id } = meant.tag
        if (ids.has(id)) continue
        own.push(spot(meant))
        // Where it stood, lanes that are set later may have room now.
        const stood = this.before.get(id, 0)
        if (stood) this.note(stood, stood.plant)
      }
    }
    return [...this.changed, ...own]
  }

  /** The nearest place to one that is wanted, within the plant's lane and its bound. */
  private within({ meant, boundM, n }: Mover, x: number, y: number): { x: number; y: number } {
    const { frame } = this
    const far = Math.hypot(x - meant.x, y - meant.y)
    const share = far > boundM ? boundM / far : 1
    const wanted = { x: meant.x + (x - meant.x) * share, y: meant.y + (y - meant.y) * share }
    const at = frame.locate(meant.keep ? meant.keep(wanted) : wanted)
    const a = frame.closed ? at.a : this.inRun(meant, at.a)
    const { least, most } = meant.limits(a)
    const to = frame.at(a, clamp(at.v, least, most))
    // Across the middle of a long island the lane lies elsewhere: it stays where it is.
    const isBeyond = frame.closed && Math.hypot(to.x - meant.x, to.y - meant.y) > boundM + BEYOND_M
    return isBeyond ? { x: this.grid.xs[n]!, y: this.grid.ys[n]! } : to
  }

  /** Within the bed's run: half a spacing from its ends, where the plant was not meant to stand nearer. */
  private inRun({ a: meant, plant }: Meant, a: number): number {
    const { runFrom, runTo } = this.frame
    const half = (this.k * plant.spreadM) / 2
    return clamp(a, Math.min(meant, runFrom + half), Math.max(meant, runTo - half))
  }

  /** Running places of the lane just behind, in order. */
  private behind(lane: number): readonly number[] {
    const all = this.lanes[lane - 1]
    if (!all) return []
    if (this.sorted !== lane - 1) {
      all.sort((a, b) => a - b)
      this.sorted = lane - 1
    }
    return all
  }

  private showSettled(meant: Meant, n: number, { crowded, moved }: MadeRoom) {
    const isCrowded = n < 0 || crowded.has(n)
    if (isCrowded || !moved.has(n)) {
      this.show(meant, false, isCrowded)
      return
    }
    const x = this.grid.xs[n]!
    const y = this.grid.ys[n]!
    const then = this.before.get(meant.tag.id, this.list.length)
    const at = then?.x === x && then.y === y ? { a: then.along, v: then.out } : this.frame.locate({ x, y })
    this.show({ ...meant, x, y, a: at.a, v: at.v }, false, false)
  }

  private show(
    {
      tag,
      drift,
      plant,
      x,
      y,
      a,
      v,
      lane = drift.lane,
      held = false,
    }: Pick<Meant, 'tag' | 'drift' | 'plant' | 'x' | 'y' | 'a' | 'v' | 'lane' | 'held'>,
    pinned: boolean,
    crowded: boolean,
  ) {
    const { id: driftId } = drift
    const { id, index, seed } = tag
    ;(this.lanes[lane] ??= []).push(a)
    if (this.sorted === lane) this.sorted = -1
    const then = this.before.get(id, this.list.length)
    if (then?.x === x && then.y === y && isAsBefore(then, { plant, lane, held, pinned, crowded })) {
      this.list.push(then)
      return
    }
    const own = { id, seed, driftId, index, plant, lane, x, y, along: a, out: v, pinned, crowded }
    const now: PlacedPlant = held ? { ...own, held } : own
    this.list.push(now)
    this.note(now, plant)
    if (then) this.note(then, then.plant)
  }

  private note({ x, y }: PlacedPlant, plant: Plant) {
    this.changed.push({ x, y, reachM: this.k * plant.spreadM })
  }
}

type State = Pick<PlacedPlant, 'plant' | 'lane' | 'pinned' | 'crowded'> & { readonly held: boolean }
const isAsBefore = (p: PlacedPlant, q: State): boolean =>
  p.plant === q.plant &&
  (p.held ?? false) === q.held &&
  p.lane === q.lane &&
  p.pinned === q.pinned &&
  p.crowded === q.crowded

/** How the plants of a lane moved before a change, and all places that differ since. */
interface KnownWays {
  readonly then: readonly (Way | undefined)[]
  readonly changed: readonly ChangedSpot[]
}
interface MadeRoom {
  readonly maker: RoomMaker
  readonly ways: LaneWays
  /** Numbers of those without room, and of those that moved. */
  readonly crowded: ReadonlySet<number>
  readonly moved: ReadonlySet<number>
}

const wayOf = (meant: Meant, former: ByIdInOrder<Way>, i: number): Way | undefined =>
  former.list[i]?.meant === meant ? former.list[i] : former.get(meant.tag.id, i)
