import type { BedFrame, Disc, Drift } from '../bed'
import { clamp, type Point } from '../geometry'
import type { Plant } from '../plant'
import type { ByIdInOrder } from './ByIdInOrder'
import { crowdedAmong } from './crowdedAmong'
import { RoomMaker, type ChangedSpot, type LaneWays, type Mover, type Way } from './RoomMaker'
import type { Meant } from './meant'
import type { PlacedPlant } from './PlacedPlant'
import { PlantGrid } from './PlantGrid'
import type { Tag } from './tags'

/** To make room or find it a plant moves at most this share of its spacing, a single less; what weaves so far, metres. */
const MOVES = 0.75
const SINGLE_MOVES = 0.5
const WEAVES_M = 0.35
const SEES_BEHIND_M = 1.2

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
    const { grid } = this
    const first = grid.size
    const movers = meants
      .filter((m) => !m.isTooMany)
      .map((meant): Mover => {
        const boundM = boundOf(meant, this.k)
        return { meant, n: grid.add(meant.plant, meant.x, meant.y, boundM), boundM }
      })
    const middleX = (this.frame.firstX + this.frame.lastX) / 2
    const ground = { grid, middleX, within: (m: Mover, x: number, y: number) => this.within(m, x, y) }
    const then = former && movers.map(({ meant }, i) => wayOf(meant, former, i))
    const maker = new RoomMaker(ground, movers, then, then ? this.changedIn(movers, then, former.list) : [])
    maker.run()
    const tooNear = (n: number) => maker.near(n).filter((other) => grid.hasNoRoom(n, other))
    const { conflicts, ways } = maker.finish((n) => grid.isSqueezedOut(n))
    const crowded = crowdedAmong(conflicts, tooNear, first)
    const moved = new Set(maker.moved)
    for (const n of crowded) grid.takeAway(n)
    for (const n of moved) if (!crowded.has(n)) grid.settleAt(n)
    let i = 0
    for (const meant of meants) {
      const n = meant.isTooMany ? -1 : first + i++
      this.showSettled(meant, n, n < 0 || crowded.has(n), moved.has(n))
    }
    return ways
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
    movers: readonly Mover[],
    then: readonly (Way | undefined)[],
    former: readonly Way[],
  ): ChangedSpot[] {
    const own: ChangedSpot[] = []
    const spot = (m: Meant) => ({ x: m.x, y: m.y, reachM: boundOf(m, this.k) + this.k * m.plant.spreadM })
    movers.forEach(({ meant }, i) => {
      const before = then[i]?.meant
      if (before === meant) return
      own.push(spot(meant))
      if (before) own.push(spot(before))
    })
    if (then.filter((w) => w).length < former.length) {
      const ids = new Set(movers.map((m) => m.meant.tag.id))
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
  private within({ meant, boundM }: Mover, x: number, y: number): { x: number; y: number } {
    const { frame } = this
    const far = Math.hypot(x - meant.x, y - meant.y)
    const share = far > boundM ? boundM / far : 1
    const wanted = { x: meant.x + (x - meant.x) * share, y: meant.y + (y - meant.y) * share }
    const at = frame.locate(meant.keep ? meant.keep(wanted) : wanted)
    const a = frame.closed ? at.a : this.inRun(meant, at.a)
    const { least, most } = meant.limits(a)
    return frame.at(a, clamp(at.v, least, most))
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

  private showSettled(meant: Meant, n: number, crowded: boolean, moved: boolean) {
    if (crowded || !moved) {
      this.show(meant, false, crowded)
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
    const own = { id, seed, driftId, index, plant, lane, x, y, along: a, out: v, pinned, crowded }
    const now: PlacedPlant = held ? { ...own, held } : own
    if (then && isSamePlace(then, now)) {
      this.list.push(then)
      return
    }
    this.list.push(now)
    this.note(now, plant)
    if (then) this.note(then, then.plant)
  }

  private note({ x, y }: PlacedPlant, plant: Plant) {
    this.changed.push({ x, y, reachM: this.k * plant.spreadM })
  }
}

const isSamePlace = (p: PlacedPlant, q: PlacedPlant): boolean =>
  p.x === q.x &&
  p.y === q.y &&
  p.plant === q.plant &&
  p.held === q.held &&
  p.lane === q.lane &&
  p.pinned === q.pinned &&
  p.crowded === q.crowded

function wayOf(meant: Meant, former: ByIdInOrder<Way>, i: number): Way | undefined {
  const there = former.list[i]
  return there?.meant === meant ? there : former.get(meant.tag.id, i)
}

function boundOf({ plant, drift }: Meant, k: number): number {
  const d = k * plant.spreadM
  if (plant.spacingHabit === 'weaves') return Math.max(WEAVES_M, MOVES * d)
  return drift.count === 1 || drift.pattern === 'dotted' ? SINGLE_MOVES * d : MOVES * d
}

/** How far a place lies off the middle of the gap it stands before, as a push of -1 to 1; none beside gaps that are wide anyway. */
function towardGap(behind: readonly number[], a: number): number {
  let low = 0
  let high = behind.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (behind[middle]! > a) high = middle
    else low = middle + 1
  }
  const left = behind[low - 1]
  const right = behind[low]
  if (left === undefined || right === undefined || right - left < 1e-6) return 0
  const gap = right - left
  return Math.sin((2 * Math.PI * (a - left)) / gap) * clamp((SEES_BEHIND_M - gap) / (SEES_BEHIND_M / 2), 0, 1)
}
