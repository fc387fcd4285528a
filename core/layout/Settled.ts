import type { BedFrame, Drift } from '../bed'
import { clamp } from '../geometry'
import type { Plant } from '../plant'
import type { PlacedPlant } from './place'
import { allowedDistanceM } from './spacing'

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

/** What names one plant of a drift. */
export interface Tag {
  readonly id: string
  readonly index: number
  readonly seed: number
}

/** The plants standing so far, kept in cells of half a metre, and the search for a lawful place beside them. */
export class Settled {
  private readonly cells: (PlacedPlant[] | undefined)[]
  private readonly rows: number
  private readonly firstY: number
  private readonly list: PlacedPlant[] = []
  private readonly lanes: PlacedPlant[][] = []
  private readonly distances = new Map<Plant, Map<Plant, number>>()
  private widest = 0

  constructor(
    private readonly frame: BedFrame,
    private readonly k: number,
  ) {
    this.firstY = Math.min(...frame.outline.map((p) => p.y))
    this.rows = Math.ceil((Math.max(...frame.outline.map((p) => p.y)) - this.firstY) / CELL_M) + 2 * MARGIN
    this.cells = new Array<PlacedPlant[] | undefined>(
      (Math.ceil((frame.lastX - frame.firstX) / CELL_M) + 2 * MARGIN) * this.rows,
    )
  }

  pin(tag: Tag, drift: Drift, plant: Plant, x: number, y: number) {
    const { a, v } = this.frame.locate({ x, y })
    this.add(tag, drift, plant, { x, y, a, v }, true, false)
  }

  /** Keeps the place of a plant that stood there before. */
  stand(placed: PlacedPlant) {
    this.widest = Math.max(this.widest, placed.plant.spreadM)
    ;(this.cells[this.column(placed.x) * this.rows + this.row(placed.y)] ??= []).push(placed)
  }

  /** Puts a plant at its place (running coordinate and way out), or at the nearest lawful one; marks it crowded when there is none. */
  settle(
    tag: Tag,
    drift: Drift,
    plant: Plant,
    a0: number,
    v0: number,
    limits: (a: number) => { least: number; most: number },
  ) {
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
    this.add(tag, drift, plant, first, false, true)
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
    const reach = (this.k * (plant.spreadM + this.widest)) / 2
    const toX = this.column(x + reach)
    const fromY = this.row(y - reach)
    const toY = this.row(y + reach)
    for (let cx = this.column(x - reach); cx <= toX; cx++) {
      for (let cy = fromY; cy <= toY; cy++) {
        const cell = this.cells[cx * this.rows + cy]
        if (!cell) continue
        for (const p of cell) {
          const dx = p.x - x
          const dy = p.y - y
          const away = dx * dx + dy * dy
          if (away >= reach * reach) continue
          const allowed = this.allowed(plant, p.plant)
          if (away < allowed * allowed - NEAR_ENOUGH) return false
        }
      }
    }
    return true
  }

  private allowed(a: Plant, b: Plant): number {
    let row = this.distances.get(a)
    if (!row) this.distances.set(a, (row = new Map()))
    let d = row.get(b)
    if (d === undefined) row.set(b, (d = allowedDistanceM(a, b, this.k)))
    return d
  }

  /** Running places of the plants of the lane just behind, within a stretch. */
  private behind(lane: number, from: number, to: number): number[] {
    const found: number[] = []
    for (const p of this.lanes[lane - 1] ?? []) if (p.along > from && p.along < to) found.push(p.along)
    return found
  }

  private add(
    { id, index, seed }: Tag,
    drift: Drift,
    plant: Plant,
    { x, y, a, v }: Spot,
    pinned: boolean,
    crowded: boolean,
  ) {
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
    ;(this.lanes[drift.lane] ??= []).push(placed)
    this.widest = Math.max(this.widest, plant.spreadM)
    ;(this.cells[this.column(x) * this.rows + this.row(y)] ??= []).push(placed)
  }

  private column(x: number) {
    return clamp(Math.floor((x - this.frame.firstX) / CELL_M) + MARGIN, 0, this.cells.length / this.rows - 1)
  }
  private row(y: number) {
    return clamp(Math.floor((y - this.firstY) / CELL_M) + MARGIN, 0, this.rows - 1)
  }
}

/** Distance along the bed to the nearest plant behind, at most half a metre. */
function gapTo(behind: readonly number[], x: number): number {
  let nearest = 0.5
  for (const b of behind) nearest = Math.min(nearest, Math.abs(b - x))
  return nearest
}
