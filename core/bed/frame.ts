import type { Point, Polyline } from '../geometry'

/**
 * A bed's own coordinates. All lengths in metres. Beds between two edges run along x; beds round a middle run along their edge.
 * `a` is that running coordinate (x, or s), `v` the way out from the back.
 */
export interface BedFrame {
  /** Whether the running coordinate goes round and begins again. */
  readonly closed: boolean
  readonly behind: Behind
  readonly rimM: number
  readonly outline: readonly Point[]
  readonly runFrom: number
  readonly runTo: number
  at(a: number, v: number): Point
  locate(p: Point): { a: number; v: number }
  depthAlong(a: number): number
  /** Metres on the ground for a metre of the running coordinate, at a depth, on the mean: less than 1 nearer the middle of a round bed. */
  stretchAt(a: number, v: number): number
  readonly back: Polyline
  readonly front: Polyline
  readonly firstX: number
  readonly lastX: number
  /** Length of the front edge along its curve. */
  readonly frontLength: number
  readonly areaM2: number
  toPlan(p: BedPoint): Point
  toBed(p: Point): BedPoint
  depthAt(x: number): number
  alongAt(s: number): number
  sAt(a: number): number
  /** Depths at evenly spread places, for the least, mean and greatest depth. */
  readonly depths: { readonly least: number; readonly mean: number; readonly greatest: number }
}
/** What lies at t = 0: a wall or other backing, an open edge, the rim of what stands in the middle, or the middle itself. */

export type Behind = 'wall' | 'open' | 'rim' | 'middle'
/** A place in the bed: s metres along the front edge from the viewer's left, t 0 at the back and 1 at the front. */

export interface BedPoint {
  readonly s: number
  readonly t: number
}
