import { clamp, lerp, type Point } from './point'

/** A polyline with strictly ascending x, and its running length, searched by bisection. */
export class Polyline {
  readonly lengths: readonly number[]
  constructor(readonly points: readonly Point[]) {
    const lengths = [0]
    for (let i = 1; i < points.length; i++) {
      const a = points[i - 1]!
      const b = points[i]!
      lengths.push(lengths[i - 1]! + Math.hypot(b.x - a.x, b.y - a.y))
    }
    this.lengths = lengths
  }

  get length() {
    return this.lengths[this.lengths.length - 1]!
  }
  get firstX() {
    return this.points[0]!.x
  }
  get lastX() {
    return this.points[this.points.length - 1]!.x
  }

  /** y at x; beyond the ends the end's y. */
  yAt(x: number): number {
    const i = this.segment((k) => this.points[k]!.x, x)
    const a = this.points[i]!
    const b = this.points[i + 1]!
    return lerp(a.y, b.y, clamp((x - a.x) / (b.x - a.x), 0, 1))
  }

  /** Length along the line at x, in metres. */
  lengthAt(x: number): number {
    const i = this.segment((k) => this.points[k]!.x, x)
    const a = this.points[i]!
    const b = this.points[i + 1]!
    return lerp(this.lengths[i]!, this.lengths[i + 1]!, clamp((x - a.x) / (b.x - a.x), 0, 1))
  }

  /** The point at a length along the line, in metres. */
  pointAt(length: number): Point {
    const i = this.segment((k) => this.lengths[k]!, length)
    const from = this.lengths[i]!
    const u = clamp((length - from) / (this.lengths[i + 1]! - from), 0, 1)
    const a = this.points[i]!
    const b = this.points[i + 1]!
    return { x: lerp(a.x, b.x, u), y: lerp(a.y, b.y, u) }
  }

  private segment(valueAt: (index: number) => number, value: number): number {
    let low = 0
    let high = this.points.length - 2
    while (low < high) {
      const middle = (low + high + 1) >> 1
      if (valueAt(middle) <= value) low = middle
      else high = middle - 1
    }
    return low
  }
}
