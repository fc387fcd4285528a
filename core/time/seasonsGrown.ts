import { clamp } from '../geometry'
import type { Climate } from './climate'
import type { Moment } from './months'

const YEAR = 12
const HALF_YEAR = 6
/** Shoots begin a month before the last frost and rest about two weeks before the first. */
const BEFORE_FROST = 1
const REST_BEFORE = 0.5
/** Even without frost short days bring rest: months of the library between which there is growth at most. */
const EARLIEST = 2
const LATEST = 12
/**
 * Growing seasons that lie behind a plant at the middle of a month, counted from the start of the planting year: continuous in time,
 * never falling, in either hemisphere; each year adds one. Source: docs/grounds/calculations, Size over time (the y of `1 − e^(−ky)`).
 */
export function seasonsGrown({ month, year }: Moment, climate: Climate): number {
  const start = climate.southern ? HALF_YEAR : 0
  return Math.max(0, progress(start + YEAR * year + month - 0.5, climate) - progress(start, climate))
}

/** Seasons gone by at a time in months from the start of a year of the library. */
function progress(months: number, { lastFrost, firstFrost }: Climate): number {
  const from = Math.max(EARLIEST, lastFrost - BEFORE_FROST)
  const to = Math.max(from + 1, Math.min(LATEST, firstFrost - REST_BEFORE))
  const year = Math.floor(months / YEAR)
  return year + clamp((months - YEAR * year + 1 - from) / (to - from), 0, 1)
}

/** The how manieth growing season since planting a moment lies in, from 0: the year of the library it belongs to. */
export const seasonNumber = ({ month, year }: Moment, { southern }: Pick<Climate, 'southern'>): number =>
  year + (southern && month > HALF_YEAR ? 1 : 0)
