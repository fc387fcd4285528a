import { clamp, flattenEdge, lerp, Polyline, type Point } from '../geometry'
import type { Outline } from './bed'

/** A place in the bed: s metres along the front edge from the viewer's left, t 0 at the back and 1 at the front. */
export interface BedPoint { readonly s: number; readonly t: number }

/** A bed's own coordinates. All lengths in metres. */
export interface BedFrame {
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
  xAt(s: number): number
  sAt(x: number): number
  /** Depths at evenly spread places, for the least, mean and greatest depth. */
  readonly depths: { readonly least: number; readonly mean: number; readonly greatest: number }
}

/** The frame of a border with a back and a front edge; the edges must have passed `checkOutline`. */
export function bedFrame(outline: Outline): BedFrame {
  const back = new Polyline(flattenEdge(outline.back.kind, outline.back.stations))
  const front = new Polyline(flattenEdge(outline.front.kind, outline.front.stations))
  const firstX = front.firstX
  const lastX = front.lastX
  const depthAt = (x: number) => front.yAt(x) - back.yAt(x)
  const { area, least, greatest } = measure(front, back, depthAt)
  return {
    back, front, firstX, lastX, depthAt,
    frontLength: front.length,
    areaM2: area,
    depths: { least, greatest, mean: area / (lastX - firstX) },
    toPlan: ({ s, t }) => {
      const f = front.pointAt(s)
      return { x: f.x, y: lerp(back.yAt(f.x), f.y, t) }
    },
    toBed: ({ x, y }) => {
      const backY = back.yAt(x)
      return { s: front.lengthAt(x), t: (y - backY) / (front.yAt(x) - backY) }
    },
    xAt: (s) => front.pointAt(clamp(s, 0, front.length)).x,
    sAt: (x) => front.lengthAt(x),
  }
}

/** Area between the edges by the trapezium rule over both edges' own points (exact for polylines), and the depth's extremes. */
function measure(front: Polyline, back: Polyline, depthAt: (x: number) => number) {
  const inside = (x: number) => x >= front.firstX && x <= front.lastX
  const xs = [...front.points.map((p) => p.x), ...back.points.map((p) => p.x).filter(inside)].sort((a, b) => a - b)
  let area = 0
  let least = Infinity
  let greatest = 0
  xs.forEach((x, i) => {
    const depth = depthAt(x)
    least = Math.min(least, depth)
    greatest = Math.max(greatest, depth)
    const next = xs[i + 1]
    if (next !== undefined) area += ((depth + depthAt(next)) / 2) * (next - x)
  })
  return { area, least, greatest }
}
