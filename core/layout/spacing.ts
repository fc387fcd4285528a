import type { Plant } from '../plant'
import { hedgeStepM } from './clipped'

const TOLERANCE = 1e-9

/** Distance on centre of two neighbours: `d = k (w1 + w2) / 2`, metres. Source: docs/grounds/calculations, Spacing and counts. */
export const onCentreM = (w1: number, w2: number, k: number) => (k * (w1 + w2)) / 2

/** Plants in a row of length L at spacing s, half a spacing at each end: `floor(L / s)`. */
export const rowCount = (lengthM: number, spacingM: number) => Math.floor(lengthM / spacingM + TOLERANCE)

/** Plants to cover an area on a square grid: `A / s²`. */
export const squareGridCount = (areaM2: number, spacingM: number) => areaM2 / spacingM ** 2

/** Plants to cover an area on a triangular grid: `A / (s² √3/2)`, 1.155 times the square grid. */
export const triangularGridCount = (areaM2: number, spacingM: number) =>
  areaM2 / (spacingM ** 2 * (Math.sqrt(3) / 2))

/** Plants on a ring of radius r: `floor(π / asin(s / 2r))`; one when the ring is too small for two. */
export function ringCount(radiusM: number, spacingM: number): number {
  if (spacingM > 2 * radiusM + TOLERANCE) return 1
  return Math.floor(Math.PI / Math.asin(Math.min(1, spacingM / (2 * radiusM))) + TOLERANCE)
}

/** Distance between two staggered rows: `√(d² − (p/2)²)` for pitch p along the row. */
export const rowDistanceM = (onCentre: number, pitch: number) =>
  Math.sqrt(Math.max(0, onCentre ** 2 - (pitch / 2) ** 2))

/** Plants that do not fit may be squeezed to this share of the school's spacing; nearer than that there is no room. */
export const LEAST_SHARE = 0.9
/** A drawn shape is squeezed no nearer than this, so that its plants can still give way a little to one another where it bends. */
export const SQUEEZED_SHARE = 0.94

/** How much nearer than `d` some pairs may stand: bulbs thread between others, carpets run under taller skirts. */
const WEAVE = 0.3
const UNDER_SKIRT = 0.65
const TALLER = 2.5

/** The least distance on centre two plants may have in a school of factor k, metres. */
export function allowedDistanceM(a: Plant, b: Plant, k: number): number {
  const d = onCentreM(a.spreadM, b.spreadM, k)
  if (a === b) return hedgeStepM(a) ?? d
  if (a.id === b.id) return d
  if (a.kind === 'climber' || b.kind === 'climber') return Math.min(d, 0.4)
  if (a.spacingHabit === 'weaves' || b.spacingHabit === 'weaves') return WEAVE * d
  return runsUnder(a, b) || runsUnder(b, a) ? UNDER_SKIRT * d : d
}

const runsUnder = (low: Plant, high: Plant) =>
  low.spacingHabit === 'carpets' && high.foliageHeightM > TALLER * low.foliageHeightM
