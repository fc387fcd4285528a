import type { BedFrame, Drift } from '../bed'
import { clamp } from '../geometry'
import type { Plant } from '../plant'
import type { PlacedPlant } from './PlacedPlant'
import { allowedDistanceM } from './spacing'
import type { Tag } from './tags'

const CELL_M = 0.5
/** Cells beyond the bed on each side; places still further out share the last. */
const MARGIN = 4
const SHIFT_STEPS = 6
const NEAR_ENOUGH = 1e-7
/** Tries along the bed (in shares of the plant's spread) when moving across it does not help. */
const SIDESTEPS = [0, 0.15, -0.15, 0.4, -0.4]
/** Round a bed a row meets corners and itself: it may step further. */
const ROUND_SIDESTEPS = [...SIDESTEPS, 0.65, -0.65, 1, -1]
const ACROSS_TRIES = 5

/** A place on the plan with its running coordinate and way out. */
interface Spot {
  readonly x: number
  readonly y: number
  readonly a: number
  readonly v: number
}

/** The plants standing so far, kept in cells of half a metre, and the search for a lawful place beside them. */
export class Settled {
  /** The one that came last into a cell, and the one that came into its cell before it; -1 for none. */
  private readonly cells: Int32Array
  private readonly before: number[] = []
  private readonly columns: number
  private readonly rows: number
  private readonly firstY: number
  private readonly list: PlacedPlant[] = []
  private readonly lanes: number[][] = []
  /** Place and kind of all that stand, by their number. */
  private readonly xs: number[] = []
  private readonly ys: number[] = []
  private readonly kinds: number[] = []
  private readonly kindOf = new Map<Plant, number>()
  private readonly kindList: Plant[] = []
  private readonly distances: number[][] = []
  private widest = 0
  /** The lane whose running places are in order. */
  private sorted = -1

  constructor(
    private readonly frame: BedFrame,
    private readonly k: number,
  ) {
    this.firstY = Math.min(...frame.outline.map((p) => p.y))
    this.rows = Math.ceil((Math.max(...frame.outline.map((p) => p.y)) - this.firstY) / CELL_M) + 2 * MARGIN
    this.columns = Math.ceil((frame.lastX - frame.firstX) / CELL_M) + 2 * MARGIN
    this.cells = new Int32Array(this.columns * this.rows).fill(-1)
  }

  pin(tag: Tag, drift: Drift, plant: Plant, x: number, y: number) {
    const { a, v } = this.frame.locate({ x, y })
    this.add(tag, drift, plant, { x, y, a, v }, true, false)
  }

  /** Keeps the place of a plant that stood there before. */
  stand(placed: PlacedPlant) {
    this.occupy(placed.plant, placed.x, placed.y)
  }

  /** Sets a plant just as it was set before. */
  again(placed: PlacedPlant) {
    this.list.push(placed)
    this.noteInLane(placed.lane, placed.along)
    this.occupy(placed.plant, placed.x, placed.y)
  }

  /** Puts a plant at its place (running coordinate and way out), or at the nearest lawful one; marks it crowded when there is none. */
  settle(
    tag: Tag,
    drift: Drift,
    plant: Plant,
    a0: number,
    v0: number,
    limits: (a: number) => { least: number; most: number },
  ): PlacedPlant {
    const { closed, runFrom, runTo } = this.frame
    const put = (spot: Spot) => this.add(tag, drift, plant, spot, false, false)
    const first = this.spot(a0, v0)
    if (this.isFree(plant, first)) return put(first)
    for (const sidestep of closed ? ROUND_SIDESTEPS : SIDESTEPS) {
      const by = sidestep * plant.spreadM
      const a = closed ? a0 + by / this.frame.stretchAt(a0, Math.max(0.05, v0)) : clamp(a0 + by, runFrom, runTo)
      const { least, most } = limits(a)
      for (let i = 0; i <= ACROSS_TRIES; i++) {
        const out = v0 + ((most - v0) * i) / ACROSS_TRIES
        if (out >= least && out <= most + NEAR_ENOUGH) {
          const spot = this.spot(a, out)
          if (this.isFree(plant, spot)) return put(spot)
        }
        const back = v0 - ((v0 - least) * i) / ACROSS_TRIES
        if (i > 0 && back <= most) {
          const spot = this.spot(a, back)
          if (this.isFree(plant, spot)) return put(spot)
        }
      }
    }
    return this.add(tag, drift, plant, first, false, true)
  }

  /**
   * The shift along the bed, within the room there is and half a spread, that best sets a row's plants into the gaps
   * of the lane just behind.
   */
  bestShift(xs: readonly number[], lane: number, plant: Plant, room: { left: number; right: number }): number {
    if (lane === 0 || xs.length === 0 || plant.spacingHabit === 'weaves' || room.left + room.right < 0.01) return 0
    const behind = this.behind(lane, Math.min(...xs) - 1.2, Math.max(...xs) + 1.2)
    if (behind.length === 0) return 0
    let best = 0
    let bestScore = -Infinity
    for (let i = -SHIFT_STEPS; i <= SHIFT_STEPS; i++) {
      const shift = (i / SHIFT_STEPS) * Math.min(i < 0 ? room.left : room.right, plant.spreadM / 2)
      let sum = 0
      for (const x of xs) sum += gapTo(behind, x + shift)
      const score = sum / xs.length - 0.15 * Math.abs(shift)
      if (score > bestScore + 1e-9 || (Math.abs(score - bestScore) <= 1e-9 && Math.abs(shift) < Math.abs(best))) {
        bestScore = score
        best = shift
      }
    }
    return best
  }

  /** Pinned plants first, then lane by lane. */
  all(): readonly PlacedPlant[] {
    return this.list
  }

  private spot(a: number, v: number): Spot {
    const { x, y } = this.frame.at(a, v)
    return { x, y, a: this.frame.closed ? this.frame.alongAt(a) : a, v }
  }

  private isFree(plant: Plant, { x, y }: Spot): boolean {
    const { xs, ys, kinds, cells, rows, before } = this
    const kind = this.kind(plant)
    const distances = this.distances[kind]!
    const reach = (this.k * (plant.spreadM + this.widest)) / 2
    const toX = this.column(x + reach)
    const fromY = this.row(y - reach)
    const toY = this.row(y + reach)
    for (let cx = this.column(x - reach); cx <= toX; cx++) {
      for (let cy = fromY; cy <= toY; cy++) {
        for (let n = cells[cx * rows + cy]!; n >= 0; n = before[n]!) {
          const dx = xs[n]! - x
          const dy = ys[n]! - y
          const allowed = distances[kinds[n]!] ?? this.allowed(kind, kinds[n]!)
          if (dx * dx + dy * dy < allowed * allowed - NEAR_ENOUGH) return false
        }
      }
    }
    return true
  }

  private kind(plant: Plant): number {
    let kind = this.kindOf.get(plant)
    if (kind === undefined) {
      kind = this.kindList.push(plant) - 1
      this.kindOf.set(plant, kind)
      this.distances.push([])
    }
    return kind
  }

  private allowed(a: number, b: number): number {
    const d = allowedDistanceM(this.kindList[a]!, this.kindList[b]!, this.k)
    this.distances[a]![b] = d
    return d
  }

  /** Running places of the plants of the lane just behind, within a stretch, in order. */
  private behind(lane: number, from: number, to: number): readonly number[] {
    const all = this.lanes[lane - 1]
    if (!all) return []
    if (this.sorted !== lane - 1) {
      all.sort((a, b) => a - b)
      this.sorted = lane - 1
    }
    return all.slice(firstAbove(all, from), firstAbove(all, to))
  }

  private noteInLane(lane: number, a: number) {
    ;(this.lanes[lane] ??= []).push(a)
    if (this.sorted === lane) this.sorted = -1
  }

  private occupy(plant: Plant, x: number, y: number) {
    const n = this.xs.push(x) - 1
    this.ys.push(y)
    this.kinds.push(this.kind(plant))
    this.widest = Math.max(this.widest, plant.spreadM)
    const cell = this.column(x) * this.rows + this.row(y)
    this.before.push(this.cells[cell]!)
    this.cells[cell] = n
  }

  private add(
    { id, index, seed }: Tag,
    drift: Drift,
    plant: Plant,
    { x, y, a, v }: Spot,
    pinned: boolean,
    crowded: boolean,
  ): PlacedPlant {
    const placed: PlacedPlant = {
      id,
      seed,
      driftId: drift.id,
      index,
      plant,
      lane: drift.lane,
      x,
      y,
      along: a,
      out: v,
      pinned,
      crowded,
    }
    this.list.push(placed)
    this.noteInLane(drift.lane, a)
    this.occupy(plant, x, y)
    return placed
  }

  private column(x: number) {
    return clamp(Math.floor((x - this.frame.firstX) / CELL_M) + MARGIN, 0, this.columns - 1)
  }
  private row(y: number) {
    return clamp(Math.floor((y - this.firstY) / CELL_M) + MARGIN, 0, this.rows - 1)
  }
}

/** Number of the first of some ordered places that lies above a value. */
function firstAbove(places: readonly number[], value: number): number {
  let low = 0
  let high = places.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (places[middle]! > value) high = middle
    else low = middle + 1
  }
  return low
}

/** Distance along the bed to the nearest plant behind, at most half a metre. */
function gapTo(behind: readonly number[], x: number): number {
  const next = firstAbove(behind, x)
  const right = next < behind.length ? behind[next]! - x : Infinity
  const left = next > 0 ? x - behind[next - 1]! : Infinity
  return Math.min(0.5, left, right)
}
