import type { Bed } from '../model'
import { acrossAlong, middleAlong, type BedFrame } from '../bed'
import { clamp, toMm } from '../geometry'

/** A line that drifts can be mirrored about or set in line with, by the place along the front edge that it meets, metres. */
export interface OrderPlace {
  /** `middle`, `across`, or the id of a window or door. */
  readonly about: string
  readonly kind: 'middle' | 'across' | 'window' | 'door'
  readonly atM: number
}

/** An opening whose sill is lower is a door, metres. */
const DOOR_BELOW_M = 0.3

/** The bed's middle line; of one that goes round, the line across it; of one before a wall, the middles of its windows and doors. */
export function orderPlaces({ wall }: Pick<Bed, 'wall'>, frame: BedFrame): OrderPlace[] {
  const middle: OrderPlace = { about: 'middle', kind: 'middle', atM: middleAlong(frame) }
  if (frame.closed) return [middle, { about: 'across', kind: 'across', atM: acrossAlong(frame) }]
  const openings = (wall?.openings ?? []).flatMap((o): OrderPlace[] => {
    const x = o.x + o.widthM / 2
    if (x <= frame.firstX || x >= frame.lastX) return []
    return [{ about: o.id, kind: o.sillM < DOOR_BELOW_M ? 'door' : 'window', atM: frame.sAt(x) }]
  })
  return [middle, ...openings]
}

/** The place along the front edge of a running place, to the millimetre; within the bed, or once more round it. */
export const frontPlace = (frame: BedFrame, a: number): number =>
  toMm(frame.sAt(frame.closed ? a : clamp(a, frame.runFrom, frame.runTo)))
