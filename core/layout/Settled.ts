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
const ACROSS_TRIES = 5

/** What names one plant of a drift. */
export interface Tag { readonly id: string; readonly index: number; readonly seed: number }

/** The plants standing so far, kept in cells of half a metre, and the search for a lawful place beside them. */
export class Settled {
  private readonly cells: (PlacedPlant[] | undefined)[]
  private readonly rows: number
  private readonly list: PlacedPlant[] = []
  private readonly lanes: PlacedPlant[][] = []
  private readonly distances = new Map<Plant, Map<Plant, number>>()
  private widest = 0

  constructor(private readonly frame: BedFrame, private readonly k: number) {
    this.rows = Math.ceil(frame.depths.greatest / CELL_M) + 2 * MARGIN
    this.cells = new Array<PlacedPlant[] | undefined>((Math.ceil((frame.lastX - frame.firstX) / CELL_M) + 2 * MARGIN) * this.rows)
  }

  pin(tag: Tag, drift: Drift, plant: Plant, x: number, y: number) { this.add(tag, drift, plant, x, y, true, false) }

  /** Puts a plant at its place, or at the nearest lawful one; marks it crowded when there is none. */
  settle(tag: Tag, drift: Drift, plant: Plant, x0: number, y0: number, limits: (x: number) => { least: number; most: number }) {
    if (this.isFree(plant, x0, y0)) return this.add(tag, drift, plant, x0, y0, false, false)
    for (const sidestep of SIDESTEPS) {
      const x = clamp(x0 + sidestep * plant.spreadM, this.frame.firstX, this.frame.lastX)
      const { least, most } = limits(x)
      for (let i = 0; i <= ACROSS_TRIES; i++) {
        const out = y0 + ((most - y0) * i) / ACROSS_TRIES
        if (out >= least && this.isFree(plant, x, out)) return this.add(tag, drift, plant, x, out, false, false)
        const back = y0 - ((y0 - least) * i) / ACROSS_TRIES
        if (i > 0 && back <= most && this.isFree(plant, x, back)) return this.add(tag, drift, plant, x, back, false, false)
      }
    }
    this.add(tag, drift, plant, x0, y0, false, true)
  }

  /** The shift along the bed, within the room there is and half a spread, that best sets a row's plants into the gaps of the lane just behind. */
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
      if (score > bestScore + 1e-9 || (Math.abs(score - bestScore) <= 1e-9 && Math.abs(shift) < Math.abs(best))) { bestScore = score; best = shift }
    }
    return best
  }

  /** Pinned plants first, then lane by lane. */
  all(): readonly PlacedPlant[] { return this.list }

  private isFree(plant: Plant, x: number, y: number): boolean {
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

  /** x of the plants of the lane just behind, within a stretch. */
  private behind(lane: number, from: number, to: number): number[] {
    const found: number[] = []
    for (const p of this.lanes[lane - 1] ?? []) if (p.x > from && p.x < to) found.push(p.x)
    return found
  }

  private add({ id, index, seed }: Tag, drift: Drift, plant: Plant, x: number, y: number, pinned: boolean, crowded: boolean) {
    const placed: PlacedPlant = { id, seed, driftId: drift.id, index, plant, lane: drift.lane, x, y, pinned, crowded }
    this.list.push(placed)
    ;(this.lanes[drift.lane] ??= []).push(placed)
    this.widest = Math.max(this.widest, plant.spreadM)
    ;(this.cells[this.column(x) * this.rows + this.row(y)] ??= []).push(placed)
  }

  private column(x: number) { return clamp(Math.floor((x - this.frame.firstX) / CELL_M) + MARGIN, 0, this.cells.length / this.rows - 1) }
  private row(y: number) { return clamp(Math.floor(y / CELL_M) + MARGIN, 0, this.rows - 1) }
}

/** Distance along the bed to the nearest plant behind, at most half a metre. */
function gapTo(behind: readonly number[], x: number): number {
  let nearest = 0.5
  for (const b of behind) nearest = Math.min(nearest, Math.abs(b - x))
  return nearest
}
