import { curveCatmullRom, curveLinear, curveMonotoneX, line } from 'd3-shape'
import type { Point } from './point'

/** A riser of a stepped edge is drawn as a ramp this long, so that every x has one y and (s,t) can be turned back. */
const RISER_M = 0.001
const SEGMENTS_PER_CURVE = 16

export type EdgeKind = 'straight' | 'stepped' | 'curved'

/**
 * The polyline of an edge given by stations (metres, x ascending): straight between stations, level between steps, or a
 * monotone cubic that never overshoots a station. x is strictly ascending in the result.
 */
export function flattenEdge(kind: EdgeKind, stations: readonly Point[]): Point[] {
  if (kind === 'stepped') return stepped(stations)
  const recorder = new Recorder()
  const path = line<Point>(
    (p) => p.x,
    (p) => p.y,
  ).curve(kind === 'curved' ? curveMonotoneX : curveLinear)
  path.context(recorder as unknown as CanvasRenderingContext2D)([...stations])
  return recorder.points
}

/** A smooth line through places in any order; straight between two. */
export function smoothLine(points: readonly Point[]): readonly Point[] {
  if (points.length < 3) return points
  const recorder = new Recorder()
  const path = line<Point>(
    (p) => p.x,
    (p) => p.y,
  ).curve(curveCatmullRom)
  path.context(recorder as unknown as CanvasRenderingContext2D)([...points])
  return recorder.points
}

function stepped(stations: readonly Point[]): Point[] {
  const points: Point[] = []
  stations.forEach((p, i) => {
    const before = stations[i - 1]
    const isLast = i === stations.length - 1
    if (before && before.y !== p.y && !isLast) points.push({ x: p.x - RISER_M, y: before.y })
    points.push(isLast && before ? { x: p.x, y: before.y } : { x: p.x, y: p.y })
  })
  return points
}

/** Takes d3's drawing calls and keeps the points. */
export class Recorder {
  readonly points: Point[] = []
  moveTo(x: number, y: number) {
    this.points.push({ x, y })
  }
  lineTo(x: number, y: number) {
    this.points.push({ x, y })
  }
  closePath() {
    /* edges are open */
  }
  bezierCurveTo(x1: number, y1: number, x2: number, y2: number, x3: number, y3: number) {
    const from = this.points[this.points.length - 1]!
    for (let i = 1; i <= SEGMENTS_PER_CURVE; i++) {
      const u = i / SEGMENTS_PER_CURVE
      const v = 1 - u
      this.points.push({
        x: v * v * v * from.x + 3 * v * v * u * x1 + 3 * v * u * u * x2 + u * u * u * x3,
        y: v * v * v * from.y + 3 * v * v * u * y1 + 3 * v * u * u * y2 + u * u * u * y3,
      })
    }
  }
}
