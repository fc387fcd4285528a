import type { BedForm, BedKind, Ground, SchoolId } from '../../core/model'

/**
 * A bed as a designer would set it. Lanes stand from back to front, each with its groups from left to right as `plant count`, of which
 * every group takes the length that its plants want; `=` before it sets them in one row, `~` as singles repeated all along, `#` as
 * an edging with its corners marked.
 * Written for the place, not for the rules.
 */
export interface SoundBed {
  readonly id: string
  readonly kind: BedKind
  readonly lengthM: number
  readonly depthM: number
  readonly school: SchoolId
  readonly zone: string
  readonly latitude: number
  readonly lastFrost: string
  readonly firstFrost: string
  readonly ground: Partial<Ground> & { readonly sunHours: number }
  readonly wallM?: number
  readonly wallColour?: string
  readonly windows?: readonly (readonly [x: number, widthM: number, sillM: number])[]
  readonly form?: BedForm
  readonly laneShares?: readonly number[]
  /** Eye above ground and distance from the bed, metres, where it is not the path three metres away. */
  readonly seenFrom?: readonly [eyeM: number, distanceM: number]
  readonly lanes: readonly string[]
}

export const COLD = { zone: '4b', latitude: 46, lastFrost: '05-15', firstFrost: '09-25' }
export const COOL = { zone: '6b', latitude: 44.6, lastFrost: '05-08', firstFrost: '10-14' }
export const MARITIME = { zone: '8b', latitude: 51, lastFrost: '04-10', firstFrost: '11-05' }
export const TEMPERATE = { zone: '7a', latitude: 39, lastFrost: '04-12', firstFrost: '10-28' }
export const WARM = { zone: '8a', latitude: 35, lastFrost: '03-25', firstFrost: '11-10' }
export const MILD = { zone: '9b', latitude: 36, lastFrost: '02-10', firstFrost: '12-10' }

/** The same groups again and again, so many in all. */
export const turns = (groups: string, many: number) => {
  const own = groups.split(',').map((g) => g.trim())
  return Array.from({ length: many }, (_, i) => own[i % own.length]).join(', ')
}
