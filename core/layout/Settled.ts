import type { BedFrame } from '../bed'
import { clamp } from '../geometry'
import type { Plant } from '../plant'
import type { PlacedPlant } from './place'
import { allowedDistanceM } from './spacing'

const CELL_M = 1
const SHIFT_STEPS = 6
const NEAR_ENOUGH = 1e-7
/** Tries along the bed (in shares of the plant's spread) when moving across it does not help. */
const SIDESTEPS = [0, 0.12, -0.12, 0.25, -0.25, 0.4, -0.4]
const ACROSS_TRIES = 8

type Candidate = Omit<PlacedPlant, 'pinned' | 'crowded'>

/** The plants standing so far, kept in cells of a metre, and the search for a lawful place beside them. */
export class Settled {
  private readonly cells = new Map<number, PlacedPlant[]>()
  private readonly list: PlacedPlant[] = []
  private widest = 0

  constructor(private readonly frame: BedFrame, private readonly k: number) {}

  pin(candidate: Candidate) { this.add({ ...candidate, pinned: true, crowded: false }) }

  /** Puts a plant at its place, or at the nearest lawful one; marks it crowded when there is none. */
  settle(candidate: Candidate, limits: (x: number) => { least: number; most: number }) {
    if (this.isFree(candidate.plant, candidate.x, candidate.y)) return this.add({ ...candidate, pinned: false, crowded: false })
    for (const sidestep of SIDESTEPS) {
      const x = clamp(candidate.x + sidestep * candidate.plant.spreadM, this.frame.firstX, this.frame.lastX)
      const { least, most } = limits(x)
      for (let i = 0; i <= ACROSS_TRIES; i++) {
        const out = candidate.y + ((most - candidate.y) * i) / ACROSS_TRIES
        if (out >= least && this.isFree(candidate.plant, x, out)) return this.add({ ...candidate, x, y: out, pinned: false, crowded: false })
        const back = candidate.y - ((candidate.y - least) * i) / ACROSS_TRIES
        if (back <= most && this.isFree(candidate.plant, x, back)) return this.add({ ...candidate, x, y: back, pinned: false, crowded: false })
      }
    }
    this.add({ ...candidate, pinned: false, crowded: true })
  }

  /** The shift along the bed, within the room there is and half a spread, that best sets a row's plants into the gaps of the lane just behind. */
  bestShift(xs: readonly number[], lane: number, plant: Plant, room: { left: number; right: number }): number {
    if (lane === 0 || xs.length === 0 || plant.spacingHabit === 'weaves') return 0
    let best = 0
    let bestScore = -Infinity
    for (let i = -SHIFT_STEPS; i <= SHIFT_STEPS; i++) {
      const shift = (i / SHIFT_STEPS) * Math.min(i < 0 ? room.left : room.right, plant.spreadM / 2)
      const score = xs.reduce((sum, x) => sum + this.gapBehind(x + shift, lane), 0) / xs.length - 0.15 * Math.abs(shift)
      if (score > bestScore + 1e-9 || (Math.abs(score - bestScore) <= 1e-9 && Math.abs(shift) < Math.abs(best))) { bestScore = score; best = shift }
    }
    return best
  }

  all(): PlacedPlant[] {
    return this.list.sort((a, b) => (a.lane - b.lane) || (a.driftId < b.driftId ? -1 : a.driftId > b.driftId ? 1 : a.index - b.index))
  }

  /** Distance along the bed to the nearest plant of the lane behind, at most half a metre. */
  private gapBehind(x: number, lane: number): number {
    let nearest = 0.5
    for (const p of this.near(x, 1)) if (p.lane === lane - 1) nearest = Math.min(nearest, Math.abs(p.x - x))
    return nearest
  }

  private isFree(plant: Plant, x: number, y: number): boolean {
    const reach = (this.k * (plant.spreadM + this.widest)) / 2
    for (const p of this.near(x, reach)) {
      const allowed = allowedDistanceM(plant, p.plant, this.k)
      const dx = p.x - x
      const dy = p.y - y
      if (dx * dx + dy * dy < allowed * allowed - NEAR_ENOUGH) return false
    }
    return true
  }

  private * near(x: number, reach: number): Iterable<PlacedPlant> {
    for (let c = Math.floor((x - reach) / CELL_M); c <= Math.floor((x + reach) / CELL_M); c++) yield * this.cells.get(c) ?? []
  }

  private add(plant: PlacedPlant) {
    this.list.push(plant)
    this.widest = Math.max(this.widest, plant.plant.spreadM)
    const cell = Math.floor(plant.x / CELL_M)
    const there = this.cells.get(cell)
    if (there) there.push(plant)
    else this.cells.set(cell, [plant])
  }
}
