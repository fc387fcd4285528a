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

/** Round a bed both ends of a row come to one place: one of two that stand too near there is left out. */
function partAtSeam(frame: BedFrame, left: number[], right: number[], d: number, out: (a: number) => number) {
  const spot = (a: number) => frame.at(a, out(a))
  while (left.length > 0 && right.length > 1) {
    const [p, q] = [spot(left[left.length - 1]!), spot(right[right.length - 1]!)]
    if (Math.hypot(p.x - q.x, p.y - q.y) >= d - 1e-9) return
    const longer = left.length >= right.length ? left : right
    longer.pop()
  }
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

/**
 * Running places every `d` metres on the ground along a row, from its middle to both sides in turn, at most so many and as far as the bed
 * runs; round a bed none nearer than `d` to the first.
 */
export function marchAlong(
  frame: BedFrame,
  middle: number,
  d: number,
  out: (a: number) => number,
  most: number,
): number[] {
  const half = d / 2
  const isOdd = most % 2 === 1
  const whole = frame.runTo - frame.runFrom
  const sides = ([-1, 1] as const).map((side) => {
    const as: number[] = []
    let a = middle
    for (let i = 0; i < most; i++) {
      const way = i === 0 && !isOdd ? half : d
      if (i === 0 && isOdd) {
        if (side === 1) as.push(a)
        continue
      }
      const next = onward(frame, a, side * way, out)
      if (Math.abs(next - middle) > whole / 2 && frame.closed) break
      if (!frame.closed && (next < frame.runFrom + half - 1e-9 || next > frame.runTo - half + 1e-9)) break
      as.push(next)
      a = next
    }
    return as
  })
  const [left, right] = sides as [number[], number[]]
  if (frame.closed) partAtSeam(frame, left, right, d, out)
  const found: number[] = []
  for (let i = 0; found.length < most && (i < left.length || i < right.length); i++) {
    if (i < right.length) found.push(right[i]!)
    if (i < left.length && found.length < most) found.push(left[i]!)
  }
  return found
}
