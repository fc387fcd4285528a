import type { BedFrame, LaneBand } from '../bed'
import { clamp } from '../geometry'
import type { Plant } from '../plant'
import type { OutLimits } from './meant'
import { outLimits } from './outLimits'

/** What a lane offers the middles of a kind's plants: how far out they may stand, how deep that is, and its middle; metres. */
export interface LaneRoom {
  readonly limits: OutLimits
  depth(a: number): number
  middle(a: number): number
}

/** How far out the middle of a lane lies, metres. */
export const laneMiddle = (frame: BedFrame, band: LaneBand, a: number) =>
  (frame.depthAlong(a) * (band.fromAt(a) + band.toAt(a))) / 2

/**
 * The room of a lane for a kind: its own band, less what wall, rim and edge ask. Where the two do not meet, the nearest place to the
 * lane that the bed allows.
 */
export function laneRoom(frame: BedFrame, band: LaneBand, plant: Plant, spills: boolean): LaneRoom {
  const ofBed = outLimits(frame, plant, spills)
  const limits = (a: number) => {
    const { least, most } = ofBed(a)
    const depth = frame.depthAlong(a)
    const from = Math.max(least, band.fromAt(a) * depth)
    const to = Math.min(most, band.toAt(a) * depth)
    if (from <= to) return { least: from, most: to }
    const only = clamp(laneMiddle(frame, band, a), least, most)
    return { least: only, most: only }
  }
  return {
    limits,
    depth: (a) => {
      const { least, most } = limits(a)
      return most - least
    },
    // The lane's own middle, where its room lies about it.
    middle: (a) => {
      const { least, most } = limits(a)
      return clamp(laneMiddle(frame, band, a), least, most)
    },
  }
}
