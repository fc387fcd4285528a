import type { BedFrame, LaneBand } from '../bed'

/** A lane as a line of its own length: blocks are packed along it in metres. Round a bed it is cut open at `seam`. */
export interface LaneTrack {
  readonly length: number
  /** Running coordinate of a place on the track (metres from the seam). */
  toRun(l: number): number
  /** Place on the track, from the seam on, of a running coordinate. */
  fromRun(a: number): number
}

const STEPS = 240

/** The track along a lane's middle: x itself for beds that run from side to side, arc length round the others. */
export function laneTrack(frame: BedFrame, band: LaneBand, seam: number): LaneTrack {
  const whole = frame.runTo - frame.runFrom
  if (!frame.closed) return { length: whole, toRun: (l) => frame.runFrom + l, fromRun: (a) => a - frame.runFrom }
  const lengths = [0]
  const spot = (i: number) => {
    const a = seam + (whole * i) / STEPS
    return frame.at(a, (frame.depthAlong(a) * (band.fromAt(a) + band.toAt(a))) / 2)
  }
  let before = spot(0)
  for (let i = 1; i <= STEPS; i++) {
    const now = spot(i)
    lengths.push(lengths[i - 1]! + Math.hypot(now.x - before.x, now.y - before.y))
    before = now
  }
  const length = lengths[STEPS]!
  return {
    length,
    toRun: (l) => {
      let low = 0
      let high = STEPS - 1
      while (low < high) {
        const m = (low + high + 1) >> 1
        if (lengths[m]! <= l) low = m
        else high = m - 1
      }
      const step = Math.max(1e-9, lengths[low + 1]! - lengths[low]!)
      return seam + (whole * (low + (l - lengths[low]!) / step)) / STEPS
    },
    fromRun: (a) => {
      const at = (((((a - seam) % whole) + whole) % whole) / whole) * STEPS
      const i = Math.min(STEPS - 1, Math.floor(at))
      return lengths[i]! + (lengths[i + 1]! - lengths[i]!) * (at - i)
    },
  }
}
