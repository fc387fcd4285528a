// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- every project that reads this file needs the declaration
/// <reference path="./b-spline.d.ts" />
import bSpline from 'b-spline'
import { flattenCurve, type Point } from '../geometry'

/** Draws a curve with no place farther off than `tolerance`, in its own units. */
export type Draw = (tolerance: number) => readonly Point[]

const WHOLE = 2 * Math.PI
const FEWEST_STEPS = 8

/** An arc of an ellipse about a middle from its two half axes, between two parameters in radians, counterclockwise. */
export function arcDraw(middle: Point, a: Point, b: Point, from: number, to: number): Draw {
  const sweep = to > from ? to - from : to - from + WHOLE
  const r = Math.max(Math.hypot(a.x, a.y), Math.hypot(b.x, b.y))
  return (tolerance) => {
    const widest = tolerance >= r ? Math.PI : 2 * Math.acos(1 - tolerance / r)
    const steps = Math.max(Math.ceil((FEWEST_STEPS * sweep) / WHOLE), Math.ceil(sweep / Math.max(widest, 1e-3)))
    return Array.from({ length: steps + 1 }, (_, i) => {
      const t = from + (sweep * i) / steps
      const [c, s] = [Math.cos(t), Math.sin(t)]
      return { x: middle.x + a.x * c + b.x * s, y: middle.y + a.y * c + b.y * s }
    })
  }
}

export const circleDraw = (middle: Point, r: number, from = 0, to = WHOLE): Draw =>
  arcDraw(middle, { x: r, y: 0 }, { x: 0, y: r }, from, to)

/** From one corner to the next along an arc: a bulge is the tangent of a quarter of its angle, positive to the left of the way. */
function bulgeDraw(from: Point, to: Point, bulge: number): Draw {
  const chord = Math.hypot(to.x - from.x, to.y - from.y)
  if (bulge === 0 || chord === 0) return () => [from, to]
  const angle = 4 * Math.atan(bulge)
  const r = chord / (2 * Math.sin(angle / 2))
  const h = r * Math.cos(angle / 2)
  const mid = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
  const c = { x: mid.x - ((to.y - from.y) / chord) * h, y: mid.y + ((to.x - from.x) / chord) * h }
  const start = Math.atan2(from.y - c.y, from.x - c.x)
  const at = (u: number) => ({
    x: c.x + Math.abs(r) * Math.cos(start + angle * u),
    y: c.y + Math.abs(r) * Math.sin(start + angle * u),
  })
  return (tolerance) => flattenCurve(at, tolerance)
}

export interface Corner extends Point {
  readonly bulge: number
}
/** A line of corners, some followed by an arc. */
export function cornersDraw(corners: readonly Corner[], closed: boolean): Draw {
  if (corners.every((c) => c.bulge === 0)) return () => corners.map(({ x, y }) => ({ x, y }))
  return (tolerance) =>
    corners.flatMap((a, i) => {
      const b = corners[i + 1] ?? (closed ? corners[0] : undefined)
      return b ? bulgeDraw(a, b, a.bulge)(tolerance).slice(0, -1) : [{ x: a.x, y: a.y }]
    })
}

interface Spline {
  readonly degree: number
  readonly points: readonly Point[]
  readonly knots: readonly number[]
  readonly weights: readonly number[]
}
const PIECES_A_SPAN = 2

/** A rational B-spline (wraps b-spline). */
export function splineDraw({ degree, points, knots, weights }: Spline): Draw {
  const places = points.map((p) => [p.x, p.y])
  const isWhole = knots.length === points.length + degree + 1
  const heavy = weights.length === points.length ? [...weights] : undefined
  const at = (u: number) => {
    const [x, y] = bSpline(u, degree, places, isWhole ? [...knots] : undefined, heavy)
    return { x: x!, y: y! }
  }
  return (tolerance) => flattenCurve(at, tolerance, Math.max(4, (points.length - degree) * PIECES_A_SPAN))
}
