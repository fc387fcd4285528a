import type { Bed, BedKind } from '../model'
import { bedFrame } from './bedFrame'
import type { BedFrame } from './frame'
import { placingsOf } from './placings'

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
/** How long and deep a bed is in words people use: along and across, a court with its paths, a pot by its width. */
export function sizeOfBed({ form }: Bed, frame: BedFrame): { readonly lengthM: number; readonly depthM: number } {
  if (form.kind === 'court') return { lengthM: form.widthM, depthM: form.depthM }
  if (form.kind === 'container') return { lengthM: form.diameterM, depthM: form.heightM }
  if (!frame.closed) return { lengthM: frame.lastX - frame.firstX, depthM: frame.depths.greatest }
  const ys = frame.outline.map((p) => p.y)
  return { lengthM: frame.lastX - frame.firstX, depthM: Math.max(...ys) - Math.min(...ys) }
}
