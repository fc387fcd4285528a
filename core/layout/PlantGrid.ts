import type { BedFrame, Disc } from '../bed'
import { clamp } from '../geometry'
import { offStoneM } from './offStone'
import type { Plant } from '../plant'
import { allowedDistanceM, LEAST_SHARE } from './spacing'

const CELL_M = 0.5
/** Cells beyond the bed on each side; places still further out share the last. */
const MARGIN = 4
/** Two that lack no more than this have room, metres: no one sets a plant truer. */
const NEAR_ENOUGH_M = 0.002

/** A round piece of ground that something takes which does not grow. As a plant of its spread would, it reaches as far as it is wide. */
interface Stone {
  readonly radiusM: number
  readonly spreadM: number
}
type Kind = Plant | Stone
const isStone = (kind: Kind): kind is Stone => 'radiusM' in kind

/** Plants by their number, kept in cells of half a metre by where they first stood, and the distances they want of one another. */
export class PlantGrid {
  readonly xs: number[] = []
  readonly ys: number[] = []
  /** Where each first stood. */
  private readonly firstXs: number[] = []
  private readonly firstYs: number[] = []
  /** The one that came last into a cell, and the one that came into its cell before it; -1 for none. */
  private readonly cells: Int32Array
  private readonly before: number[] = []
  private readonly columns: number
  private readonly rows: number
  private readonly firstY: number
  private readonly kinds: number[] = []
  private readonly kindOf = new Map<Kind, number>()
  private readonly kindList: Kind[] = []
  private readonly distances: number[][] = []
  private widestM = 0
  /** Discs of one size are one kind. */
  private readonly stones = new Map<number, Stone>()
  /** How far each may move from where it first stood, metres. */
  private readonly bounds: number[] = []
  private mostBoundM = 0

  constructor(
    private readonly frame: BedFrame,
    private readonly k: number,
  ) {
    let top = Infinity
    let bottom = -Infinity
    for (const { y } of frame.outline) {
      top = Math.min(top, y)
      bottom = Math.max(bottom, y)
    }
    this.firstY = top
    this.rows = Math.ceil((bottom - top) / CELL_M) + 2 * MARGIN
    this.columns = Math.ceil((frame.lastX - frame.firstX) / CELL_M) + 2 * MARGIN
    this.cells = new Int32Array(this.columns * this.rows).fill(-1)
  }

  get size(): number {
    return this.xs.length
  }

  /** The number of a new plant, and how far it may move. */
  add(plant: Plant, x: number, y: number, boundM = 0): number {
    return this.enter(plant, x, y, boundM)
  }

  /** A thing that takes ground: plants keep off it. */
  block({ x, y, r }: Disc) {
    const stone = this.stones.get(r) ?? { radiusM: r, spreadM: (2 * r) / this.k }
    this.stones.set(r, stone)
    this.enter(stone, x, y, 0)
  }

  /** Whether a plant that is not here yet would have room at a place. */
  hasRoomAt(plant: Plant, x: number, y: number): boolean {
    const n = this.note(plant, x, y, 0)
    let isFree = true
    this.visit(n, this.mostBoundM, (other) => !(isFree = this.lackM(n, other) <= 0))
    for (const list of [this.xs, this.ys, this.firstXs, this.firstYs, this.kinds, this.bounds]) list.pop()
    return isFree
  }

  /** Moves a plant for now: it is still looked for where it first stood. */
  moveTo(n: number, x: number, y: number) {
    this.xs[n] = x
    this.ys[n] = y
  }

  /** It stays where it was moved: from now on it is found there. */
  settleAt(n: number) {
    const kind = this.kindList[this.kinds[n]!]!
    this.takeAway(n)
    this.enter(kind, this.xs[n]!, this.ys[n]!, 0)
  }

  /** It stands in no one's way any more. */
  takeAway(n: number) {
    this.kinds[n] = -1
  }

  /** How much nearer two stand than the school wants, metres; nothing when they have room. */
  lackM(a: number, b: number): number {
    const allowed = this.allowed(a, b)
    const dx = this.xs[a]! - this.xs[b]!
    const dy = this.ys[a]! - this.ys[b]!
    if (dx >= allowed || dx <= -allowed) return 0
    const apart = dx * dx + dy * dy
    const enough = allowed - NEAR_ENOUGH_M
    if (enough <= 0 || apart >= enough * enough) return 0
    return allowed - Math.sqrt(apart)
  }

  /** Whether two stand nearer than they may even be squeezed. */
  hasNoRoom(a: number, b: number): boolean {
    return this.lackM(a, b) > (1 - LEAST_SHARE) * this.allowed(a, b) + 1e-7
  }

  /** Whether any stands too near to one that has not moved yet. */
  isTooNear(n: number): boolean {
    let found = false
    this.visit(n, 0, (other) => (found ||= this.lackM(n, other) > 0))
    return found
  }

  /** Whether one stands nearer to any than it may even be squeezed, wherever both have moved to. */
  isSqueezedOut(n: number): boolean {
    let found = false
    this.visit(n, this.bounds[n]! + this.mostBoundM, (other) => (found ||= this.hasNoRoom(n, other)))
    return found
  }

  /** Numbers of all that a plant may come too near to while it moves within its bound, and each other within its own. */
  near(n: number): number[] {
    const found: number[] = []
    const x = this.firstXs[n]!
    const y = this.firstYs[n]!
    const bound = this.bounds[n]!
    this.visit(n, bound + this.mostBoundM, (other) => {
      const reach = this.allowed(n, other) + bound + this.bounds[other]!
      const dx = this.firstXs[other]! - x
      const dy = this.firstYs[other]! - y
      if (dx * dx + dy * dy < reach * reach) found.push(other)
      return false
    })
    return found.sort((a, b) => a - b)
  }

  /** Shows all others within reach of a plant, until one is answered with true. */
  private visit(n: number, slackM: number, see: (other: number) => boolean) {
    const { cells, before, rows, kinds } = this
    const reach = (this.k * (this.kindList[kinds[n]!]!.spreadM + this.widestM)) / 2 + slackM
    const x = this.firstXs[n]!
    const y = this.firstYs[n]!
    const toX = this.column(x + reach)
    const fromY = this.row(y - reach)
    const toY = this.row(y + reach)
    for (let cx = this.column(x - reach); cx <= toX; cx++)
      for (let cy = fromY; cy <= toY; cy++)
        for (let other = cells[cx * rows + cy]!; other >= 0; other = before[other]!)
          if (other !== n && kinds[other]! >= 0 && see(other)) return
  }

  private allowed(a: number, b: number): number {
    const kindA = this.kinds[a]!
    const kindB = this.kinds[b]!
    if (kindA < 0 || kindB < 0) return 0
    return (this.distances[kindA]![kindB] ??= this.distanceOf(this.kindList[kindA]!, this.kindList[kindB]!))
  }

  private distanceOf(a: Kind, b: Kind): number {
    if (isStone(a)) return isStone(b) ? 0 : a.radiusM + offStoneM(b, this.k)
    return isStone(b) ? b.radiusM + offStoneM(a, this.k) : allowedDistanceM(a, b, this.k)
  }

  private numberOf(kind: Kind): number {
    let number = this.kindOf.get(kind)
    if (number === undefined) {
      number = this.kindList.push(kind) - 1
      this.kindOf.set(kind, number)
      this.distances.push([])
    }
    return number
  }

  /** Its number in the lists; in no cell yet, so that no other finds it. */
  private note(kind: Kind, x: number, y: number, boundM: number): number {
    const n = this.xs.push(x) - 1
    this.ys.push(y)
    this.firstXs.push(x)
    this.firstYs.push(y)
    this.kinds.push(this.numberOf(kind))
    this.bounds.push(boundM)
    return n
  }

  private enter(kind: Kind, x: number, y: number, boundM: number): number {
    const n = this.note(kind, x, y, boundM)
    this.mostBoundM = Math.max(this.mostBoundM, boundM)
    this.widestM = Math.max(this.widestM, kind.spreadM)
    const cell = this.column(x) * this.rows + this.row(y)
    this.before.push(this.cells[cell]!)
    this.cells[cell] = n
    return n
  }

  private column(x: number) {
    return clamp(Math.floor((x - this.frame.firstX) / CELL_M) + MARGIN, 0, this.columns - 1)
  }
  private row(y: number) {
    return clamp(Math.floor((y - this.firstY) / CELL_M) + MARGIN, 0, this.rows - 1)
  }
}
