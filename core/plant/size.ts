import { clamp } from '../geometry'
import { seasonsGrown, type Climate, type PlaceMonth } from '../time'
import { fullHeightM, type Plant } from './plant'
import { potLitres } from './potLitres'

/** Typical height and spread (metres) of what is bought, by the litres of its pot; between two of them in proportion. */
const BOUGHT: readonly { readonly litres: number; readonly h: number; readonly w: number }[] = [
  { litres: potLitres('plug')!, h: 0.08, w: 0.08 },
  { litres: potLitres('9 cm')!, h: 0.14, w: 0.12 },
  { litres: 2, h: 0.28, w: 0.25 },
  { litres: 3, h: 0.4, w: 0.32 },
  { litres: 5, h: 0.6, w: 0.45 },
  { litres: 10, h: 1.0, w: 0.6 },
]
const UNKNOWN_SIZE = { h: 0.25, w: 0.2 }
/** What a label brings, worked out once for each. */
const boughtBy = new Map<string, { readonly h: number; readonly w: number }>()
function bought(label: string): { readonly h: number; readonly w: number } {
  const known = boughtBy.get(label)
  if (known) return known
  const size = boughtAt(potLitres(label))
  if (boughtBy.size < MOST_LABELS) boughtBy.set(label, size)
  return size
}
const MOST_LABELS = 500
function boughtAt(litres: number | null): { readonly h: number; readonly w: number } {
  if (litres === null) return UNKNOWN_SIZE
  const above = BOUGHT.find((b) => b.litres >= litres) ?? BOUGHT.at(-1)!
  const below = BOUGHT.findLast((b) => b.litres <= litres) ?? BOUGHT[0]!
  const u = above.litres > below.litres ? (litres - below.litres) / (above.litres - below.litres) : 0
  return { h: below.h + u * (above.h - below.h), w: below.w + u * (above.w - below.w) }
}
/** What is bought is at most this share of the grown plant's height, and of its spread. */
const MOST_WOODY = 0.6
const MOST_SOFT = 0.75
const MOST_WIDE = 0.7

interface SizeM {
  readonly foliageM: number
  readonly flowerM: number
  readonly spreadM: number
}

/** Height, metres, of a plant as it stands when it is bought in a size; at most a share of what it grows to. */
export function boughtSize(plant: Plant, label: string): number {
  const most = plant.lifeCycle === 'woody' ? MOST_WOODY : MOST_SOFT
  return Math.min(bought(label).h, fullHeightM(plant) * most)
}

/** Share (0-1) of what is left to grow that some growing seasons bring: `1 − e^(−ky)`, `k = ln 10 / T90`. */
export const grownShare = (seasons: number, yearsTo90: number): number =>
  1 - Math.exp((-Math.LN10 * seasons) / yearsTo90)

/**
 * Size before the month's own state (leafless, died back) is taken into account, in metres, at the middle of a month of a year after
 * planting. Woody: `h0 + (H - h0)(1 - e^(-ky))`; herbaceous likewise from a fuller start; annuals and bulbs are full size each season.
 * `y` counts growing seasons of the place, so that a plant neither jumps at the new year nor shrinks. Source:
 * design/calculations, Size over time.
 */
export function sizeAt(
  plant: Plant,
  year: number,
  month: PlaceMonth,
  climate: Climate,
  boughtLabel?: string,
): SizeM {
  const share = grownShare(seasonsGrown({ month, year }, climate), plant.yearsTo90)
  const label = boughtLabel ?? plant.sizes[0]?.label ?? ''
  const start = bought(label)
  const isWhole = plant.lifeCycle === 'annual' || plant.lifeCycle === 'tender' || plant.lifeCycle === 'bulb'
  const most = plant.lifeCycle === 'woody' ? MOST_WOODY : MOST_SOFT
  const h0 = isWhole ? 1 : clamp(start.h / fullHeightM(plant), 0, most)
  const w0 = isWhole ? 1 : clamp(start.w / plant.spreadM, 0, MOST_WIDE)
  const h = h0 + (1 - h0) * share
  const w = w0 + (1 - w0) * share
  return { foliageM: plant.foliageHeightM * h, flowerM: plant.flowerHeightM * h, spreadM: plant.spreadM * w }
}
