import { clamp } from '../geometry'
import { libraryMonth, type Climate } from './calendar'
import { fullHeightM, type Plant } from './plant'

/** Typical height and spread (metres) of what is bought, by the label on the pot. */
const BOUGHT: Readonly<Record<string, { h: number; w: number }>> = {
  plug: { h: 0.08, w: 0.08 },
  '9 cm': { h: 0.14, w: 0.12 },
  '2 L': { h: 0.28, w: 0.25 },
  '3 L': { h: 0.4, w: 0.32 },
  '5 L': { h: 0.6, w: 0.45 },
  '10 L': { h: 1.0, w: 0.6 },
}
const UNKNOWN_SIZE = { h: 0.25, w: 0.2 }

export interface SizeM {
  readonly foliageM: number
  readonly flowerM: number
  readonly spreadM: number
}

/** Share of a season's growth done by a month: none before April, all by October. */
const seasonShare = (month: number) => clamp((month - 3.5) / 6, 0, 1)

/**
 * Size before the month's own state (leafless, died back) is taken into account, in metres, `year` whole years after
 * planting. Woody: `h0 + (H - h0)(1 - e^(-ky))`, `k = ln 10 / T90`; herbaceous likewise from a fuller start; annuals and
 * bulbs are full size each season. Source: design/calculations, Size over time.
 */
export function sizeAt(plant: Plant, year: number, month: number, climate: Climate, boughtLabel?: string): SizeM {
  const share = growthShare(plant, year, libraryMonth(month, climate))
  const label = boughtLabel ?? plant.sizes[0]?.label ?? ''
  const bought = BOUGHT[label] ?? UNKNOWN_SIZE
  const whole = plant.lifeCycle === 'annual' || plant.lifeCycle === 'tender' || plant.lifeCycle === 'bulb'
  const h0 = whole ? 1 : Math.min(plant.lifeCycle === 'woody' ? 0.6 : 0.75, bought.h / fullHeightM(plant))
  const w0 = whole ? 1 : Math.min(0.7, bought.w / plant.spreadM)
  const h = h0 + (1 - h0) * share
  const w = w0 + (1 - w0) * share
  return { foliageM: plant.foliageHeightM * h, flowerM: plant.flowerHeightM * h, spreadM: plant.spreadM * w }
}

function growthShare(plant: Plant, year: number, month: number): number {
  const years = year + seasonShare(month) * (year === 0 ? 0.4 : 1)
  return 1 - Math.exp((-Math.LN10 * years) / plant.yearsTo90)
}
