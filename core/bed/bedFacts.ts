import type { Bed } from './bed'
import { bedFrame } from './bedFrame'
import { type BedKind } from './form'
import { placingsOf } from './placings'
import { sizeOfBed } from './sizeOfBed'

/** What a list says of a bed without opening it. */
export interface BedFacts {
  readonly kind: BedKind
  readonly lengthM: number
  readonly depthM: number
  readonly drifts: number
  /** Plants of all drifts, in all places of a repeated bed. */
  readonly plants: number
}

/** Kind, size and number of plants of a bed. */
export function bedFacts(bed: Bed): BedFacts {
  const { lengthM, depthM } = sizeOfBed(bed, bedFrame(bed))
  const planted = bed.drifts.reduce((sum, d) => sum + d.count, 0)
  return {
    ...{ kind: bed.form.kind, lengthM, depthM },
    drifts: bed.drifts.length,
    plants: planted * placingsOf(bed.form).length,
  }
}
