import type { BedFrame } from '../bed'

const HALVINGS = 24
/** A row may bend round a corner: its running distance is at most this many times the way on the ground. */
const MOST_BEND = 6

/**
 * Running places of a row's plants, `dxs` metres on the ground from its middle, `out(a)` metres from the back. Round a bed each stands
 * its distance from the one before by the chord between them, not by the arc; both ways from the middle alike.
 */
export function alongRow(
  frame: BedFrame,
  middle: number,
  dxs: readonly number[],
  out: (a: number) => number,
): number[] {
  if (!frame.closed) return dxs.map((dx) => middle + dx)
  const as = new Array<number>(dxs.length)
  for (const side of [-1, 1]) {
    const order = dxs
      .map((dx, i) => ({ i, far: dx * side }))
      .filter(({ far, i }) => far > 0 || (side === 1 && dxs[i] === 0))
      .sort((p, q) => p.far - q.far || p.i - q.i)
    let a = middle
    let gone = 0
    for (const { i, far } of order) {
      a = onward(frame, a, side * (far - gone), out)
      gone = far
      as[i] = a
    }
  }
  return as
}

/** The running place a way on the ground from another, along a row. */
function onward(frame: BedFrame, from: number, way: number, out: (a: number) => number): number {
  const length = Math.abs(way)
  if (length < 1e-9) return from
  const spot = (a: number) => frame.at(a, Math.max(0.02, out(a)))
  const start = spot(from)
  let low = 0
  let high = Math.min((frame.runTo - frame.runFrom) / 2, (length * MOST_BEND) / frame.stretchAt(from, out(from)))
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    const p = spot(from + Math.sign(way) * middle)
    if (Math.hypot(p.x - start.x, p.y - start.y) < length) low = middle
    else high = middle
  }
  return from + Math.sign(way) * high
}

/** The stretch of the running coordinate that rows take, half of `d` beyond their last plants; metres. */
export function runOfRows(
  frame: BedFrame,
  middle: number,
  places: readonly { readonly dx: number; readonly dy: number }[],
  d: number,
  out: (a: number) => number,
): number {
  const rows = new Map<number, number[]>()
  for (const { dx, dy } of places) rows.set(dy, [...(rows.get(dy) ?? []), dx])
  let widest = 0
  for (const [dy, dxs] of rows) {
    const ends = [Math.min(...dxs) - d / 2, Math.max(...dxs) + d / 2]
    const [from, to] = alongRow(frame, middle, ends, (a) => out(a) + dy) as [number, number]
    widest = Math.max(widest, to - from)
  }
  return widest
}
