import type { BedFrame } from '../../bed'
import { clamp, cornersOf } from '../../geometry'

const STEP_M = 0.04
const MOST = 1200

/** Running places at which an edge turns a corner; of a bed with ends those too, half a spacing from them. */
function cornersAlong(frame: BedFrame, edge: 'front' | 'back', d: number): number[] {
  const line = frame.closed ? frame.outline : frame[edge].points
  const inner = cornersOf(line, frame.closed).map((p) => frame.locate(p).a)
  if (frame.closed) return inner.sort((a, b) => a - b)
  const ends = [frame.runFrom + d / 2, frame.runTo - d / 2]
  return [...ends, ...inner.filter((a) => a > ends[0]! + d / 2 && a < ends[1]! - d / 2)].sort((a, b) => a - b)
}

/**
 * Running places of a row along an edge with a plant at each corner and even steps between them, none nearer than `d`: the corners first,
 * then from the middle outward.
 */
export function markedAlong(
  frame: BedFrame,
  edge: 'front' | 'back',
  middle: number,
  d: number,
  out: (a: number) => number,
): number[] {
  const corners = cornersAlong(frame, edge, d)
  if (corners.length === 0) return []
  const whole = frame.runTo - frame.runFrom
  const last = frame.closed ? corners.length : corners.length - 1
  const between = Array.from({ length: last }, (_, i) => {
    const from = corners[i]!
    const to = i + 1 < corners.length ? corners[i + 1]! : corners[0]! + whole
    return evenly(frame, from, to, d, out)
  }).flat()
  const far = (a: number) => {
    const off = Math.abs(frame.alongAt(a) - middle)
    return frame.closed ? Math.min(off, whole - off) : off
  }
  return [...corners, ...between.sort((a, b) => far(a) - far(b) || a - b)]
}

/** Even steps between two places, both left out. */
function evenly(frame: BedFrame, from: number, to: number, d: number, out: (a: number) => number): number[] {
  const steps = clamp(Math.ceil((to - from) / STEP_M), 1, MOST)
  const ways = [0]
  let before = frame.at(from, out(from))
  for (let i = 1; i <= steps; i++) {
    const a = from + ((to - from) * i) / steps
    const p = frame.at(a, out(a))
    ways.push(ways[i - 1]! + Math.hypot(p.x - before.x, p.y - before.y))
    before = p
  }
  const gaps = Math.max(1, Math.floor(ways[steps]! / d + 1e-9))
  return Array.from({ length: gaps - 1 }, (_, k) => {
    const way = (ways[steps]! * (k + 1)) / gaps
    const i = Math.max(
      1,
      ways.findIndex((w) => w >= way),
    )
    const u = (way - ways[i - 1]!) / Math.max(1e-9, ways[i]! - ways[i - 1]!)
    return from + ((to - from) * (i - 1 + u)) / steps
  })
}
