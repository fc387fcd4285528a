import type { Meant } from './meant'
import type { PlantGrid } from './PlantGrid'

/** A plant of a lane on its way to its place. */
export interface Mover {
  readonly meant: Meant
  /** Its number in the grid. */
  readonly n: number
  /** How far it may move, metres. */
  readonly boundM: number
}

/** How a plant moved: its places from the first step on, x and y in turn; null when it never did. */
export interface Way {
  readonly meant: Meant
  readonly path: readonly number[] | null
  /** Whether it had no room in the end. */
  readonly hasConflict: boolean
}

/** How the plants of a lane moved, in their order. */
export type LaneWays = readonly Way[]

/** A place that differs from before, and how far about it that may be felt, metres. */
export interface ChangedSpot {
  readonly x: number
  readonly y: number
  readonly reachM: number
}

const STEPS = 30
const STILL_M = 1e-6

/** What the movers of a lane ask of their bed. */
interface Ground {
  readonly grid: PlantGrid
  readonly middleX: number
  /** The nearest place to one that is wanted, within the plant's lane and its bound. */
  within(m: Mover, x: number, y: number): { x: number; y: number }
}

/**
 * Moves those that stand too near, and whoever they meet, until all have room or no more is to be had. With the ways of the same lane
 * before a change, only those are moved anew that the change can reach; all others go their former ways, step by step, and join once one
 * they meet goes another way than before. The answer is the same.
 */
export class RoomMaker {
  /** Numbers of those that move anew. */
  private readonly fresh = new Set<number>()
  private readonly paths = new Map<number, number[]>()
  private readonly nears = new Map<number, readonly number[]>()
  private readonly first: number
  /** Of those that go their former ways: how, and who of them has come into view of one that moves anew. */
  private readonly replayed = new Map<number, readonly number[]>()
  private readonly watched = new Map<number, readonly number[]>()

  constructor(
    private readonly ground: Ground,
    private readonly movers: readonly Mover[],
    /** How each went before a change, by its number among the movers; null when nothing is known. */
    private readonly then: readonly (Way | undefined)[] | null,
    changed: readonly ChangedSpot[],
  ) {
    this.first = movers[0]?.n ?? 0
    movers.forEach((m, i) => {
      const way = then?.[i]
      if (!way || way.meant !== m.meant || isNear(m.meant, m.boundM, changed)) this.fresh.add(m.n)
      else if (way.path) this.replayed.set(m.n, way.path)
    })
    if (then) for (const n of this.fresh) this.watch(n, -1)
  }

  /** Numbers of those that moved. */
  get moved(): Iterable<number> {
    return [...this.paths.keys(), ...this.replayed.keys()]
  }

  run() {
    const { movers, first } = this
    const { grid } = this.ground
    let awake: readonly number[] = this.then ? [...this.fresh] : [...this.fresh].filter((n) => grid.isTooNear(n))
    for (let step = 0; step < STEPS && awake.length > 0; step++) {
      const to = awake.map((n) => this.pushed(movers[n - first]!))
      const stirred = new Set<number>()
      awake.forEach((n, i) => {
        const spot = to[i]
        if (spot && this.move(n, spot, step)) stirred.add(n)
      })
      this.replay(step)
      if (stirred.size === 0 && this.areStill(step)) break
      awake = this.then
        ? this.joined(step)
        : this.woken(
            awake.filter((_, i) => to[i]),
            stirred,
          )
    }
    for (const [n, path] of this.replayed)
      this.ground.grid.moveTo(n, path[path.length - 2]!, path[path.length - 1]!)
  }

  /** Whether none of those in view moves after a step. */
  private areStill(step: number): boolean {
    for (const path of this.watched.values()) if (2 * step < path.length) return false
    return true
  }

  /** Those that stand too near in the end; and of every mover how it went. */
  finish(hasNoRoom: (n: number) => boolean): { readonly conflicts: number[]; readonly ways: Way[] } {
    const asked = new Set(this.fresh)
    if (this.then)
      for (const n of this.fresh) for (const other of this.near(n)) if (other >= this.first) asked.add(other)
    const conflicts: number[] = []
    const ways = this.movers.map(({ n, meant }, i) => {
      const before = this.fresh.has(n) ? undefined : this.then?.[i]
      const hasConflict = (before?.hasConflict || asked.has(n)) && hasNoRoom(n)
      if (hasConflict) conflicts.push(n)
      if (before && before.hasConflict === hasConflict) return before
      return { meant, path: this.paths.get(n) ?? before?.path ?? null, hasConflict }
    })
    return { conflicts, ways }
  }

  /** Whether any that moves, or found no room, came near one of these numbers. */
  hasSeen(from: number, to: number): boolean {
    for (const near of this.nears.values()) for (const n of near) if (n >= from && n < to) return true
    return false
  }

  near(n: number): readonly number[] {
    let near = this.nears.get(n)
    if (!near) this.nears.set(n, (near = this.ground.grid.near(n)))
    return near
  }

  /** Where a plant comes that is pushed by all that stand too near: their mean, each weighing as much as it lacks; null when none does. */
  private pushed(m: Mover): { x: number; y: number } | null {
    const { grid } = this.ground
    let x = 0
    let y = 0
    let weight = 0
    for (const n of this.near(m.n)) {
      const lacks = grid.lackM(m.n, n)
      if (lacks <= 0) continue
      const dx = grid.xs[m.n]! - grid.xs[n]!
      const dy = grid.ys[m.n]! - grid.ys[n]!
      const apart = Math.hypot(dx, dy)
      const share = (n < this.first ? 1 : 0.5) * lacks * lacks
      x += (apart > 1e-9 ? dx / apart : this.partingWay(m, n)) * share
      y += (apart > 1e-9 ? dy / apart : 0) * share
      weight += lacks
    }
    if (weight === 0) return null
    return this.ground.within(m, grid.xs[m.n]! + x / weight, grid.ys[m.n]! + y / weight)
  }

  /** Two on one spot part along the bed, one of them toward its middle: a mirrored bed parts them the mirrored way. */
  private partingWay({ meant, n }: Mover, other: number): number {
    const { middleX } = this.ground
    const isFirst = other >= this.first && meant.tag.id < this.movers[other - this.first]!.meant.tag.id
    return (this.ground.grid.xs[n]! < middleX ? 1 : -1) * (isFirst ? -1 : 1)
  }

  private move(n: number, { x, y }: { x: number; y: number }, step: number): boolean {
    const { grid } = this.ground
    if (Math.hypot(x - grid.xs[n]!, y - grid.ys[n]!) < STILL_M) return false
    const path = this.paths.get(n) ?? []
    for (let i = path.length / 2; i < step; i++) path.push(grid.xs[n]!, grid.ys[n]!)
    path.push(x, y)
    this.paths.set(n, path)
    grid.moveTo(n, x, y)
    return true
  }

  private replay(step: number) {
    for (const [n, path] of this.watched)
      if (2 * step < path.length) this.ground.grid.moveTo(n, path[2 * step]!, path[2 * step + 1]!)
  }

  /** Those near one that moves anew go their ways before its eyes, from where they are after a step. */
  private watch(n: number, step: number) {
    for (const other of this.near(n)) {
      const path = this.replayed.get(other)
      if (!path || this.watched.has(other)) continue
      this.watched.set(other, path)
      if (step < 0) continue
      const i = Math.min(2 * step, path.length - 2)
      this.ground.grid.moveTo(other, path[i]!, path[i + 1]!)
    }
  }

  /** Afresh, those look again that were pushed, or are too near to one that moved. */
  private woken(pushed: readonly number[], stirred: ReadonlySet<number>): number[] {
    const woken = new Set(pushed)
    for (const n of stirred)
      for (const other of this.near(n))
        if (other >= this.first && this.ground.grid.lackM(n, other) > 0) woken.add(other)
    return [...woken].sort((a, b) => a - b)
  }

  /** After a change, those that meet one who went another way than before go anew from where they are. */
  private joined(step: number): number[] {
    const { grid } = this.ground
    for (const n of [...this.fresh]) {
      const way = this.then?.[n - this.first]
      if (way && isAt(way, step, grid.xs[n]!, grid.ys[n]!)) continue
      for (const other of this.near(n)) if (other >= this.first && !this.fresh.has(other)) this.join(other, step)
    }
    return [...this.fresh].sort((a, b) => a - b)
  }

  private join(n: number, step: number) {
    this.fresh.add(n)
    const path = this.replayed.get(n)
    if (path) {
      this.replayed.delete(n)
      this.watched.delete(n)
      this.paths.set(n, path.slice(0, 2 * (step + 1)))
    }
    this.watch(n, step)
  }
}

/** Whether a change may be felt where a plant is meant to stand. */
export const isNear = (meant: Meant, boundM: number, changed: readonly ChangedSpot[]): boolean =>
  changed.some(({ x, y, reachM }) => {
    const reach = reachM + boundM + meant.plant.spreadM
    return Math.abs(x - meant.x) < reach && Math.abs(y - meant.y) < reach
  })

/** Whether a former way is at a place after a step. */
function isAt({ meant, path }: Way, step: number, x: number, y: number): boolean {
  if (!path) return x === meant.x && y === meant.y
  const i = Math.min(2 * step, path.length - 2)
  return path[i] === x && path[i + 1] === y
}
