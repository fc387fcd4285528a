import type { BedFrame, Disc } from '../bed'
import type { Lane } from './groups'
import type { Block } from './packBlocks'

/** A stretch of a lane's track, metres. */
export interface Stretch {
  readonly from: number
  readonly to: number
}

/** What a drawn shape or a thing takes of a lane is not moved for the lane's own drifts. */
const GIVES_NO_WAY = 1e6
/** Between two that are taken a gap narrower than this is taken too: no group is meant for it, metres. */
const NO_GAP_M = 0.6
/** A thing that covers more than this of a lane's depth stands in its way. */
const FILLS_LANE = 0.5

/** Taken stretches as blocks that give no way, those that overlap as one. */
export function takenBlocks(stretches: readonly Stretch[]): Block[] {
  const merged: { from: number; to: number }[] = []
  for (const { from, to } of [...stretches].sort((a, b) => a.from - b.from)) {
    const last = merged[merged.length - 1]
    if (last && from - last.to < NO_GAP_M) last.to = Math.max(last.to, to)
    else merged.push({ from, to })
  }
  return merged.map(({ from, to }) => ({ wanted: (from + to) / 2, width: to - from, weight: GIVES_NO_WAY }))
}

/** The stretches of a lane that things take up which do not grow: those that leave no row of it free. */
export function takenByThings(discs: readonly Disc[], { band, track }: Lane, frame: BedFrame): Stretch[] {
  return discs.flatMap(({ x, y, r }) => {
    const { a, v } = frame.locate({ x, y })
    if (!frame.closed && (a < frame.runFrom || a > frame.runTo)) return []
    const depth = frame.depthAlong(a)
    const [from, to] = [band.fromAt(a) * depth, band.toAt(a) * depth]
    const covered = Math.min(to, v + r) - Math.max(from, v - r)
    const l = track.fromRun(a)
    return covered > (to - from) * FILLS_LANE ? [{ from: l - r, to: l + r }] : []
  })
}
