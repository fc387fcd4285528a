import type { Drift } from '../model'
import type { Point } from '../geometry'
import type { Plant } from '../plant'
import type { Tag } from './tags'

/** How far out from the back a plant's middle may stand at a running place, metres. */
export type OutLimits = (a: number) => { readonly least: number; readonly most: number }

/** A plant where it is meant to stand: plan metres, running place and way out, and how far out it may move. */
export interface Meant {
  readonly tag: Tag
  readonly drift: Drift
  readonly plant: Plant
  readonly x: number
  readonly y: number
  readonly a: number
  readonly v: number
  readonly limits: OutLimits
  /** The nearest place to another that lies in its drift's shape. */
  readonly keep?: (p: Point) => Point
  /** The lane it stands in, when that is not its drift's. */
  readonly lane?: number
  /** Held by a support of its own, not by what stands behind the bed. */
  readonly held?: boolean
  /** Its stretch holds fewer: it is shown there, and stands in no one's way. */
  readonly isTooMany: boolean
}
