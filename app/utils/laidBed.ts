import type { BedPlace } from '../../core/model'
import type { Point } from '../../core/geometry'

/** A bed as it lies on the site. */
export interface LaidBed {
  readonly id: string
  readonly name: string
  readonly outlines: readonly (readonly Point[])[]
  readonly place: Omit<BedPlace, 'at'> & { readonly at: Point }
  readonly current: boolean
  readonly front: readonly Point[]
}
