import type { LibraryMonth, PlaceMonth } from './months'

/**
 * The frost-free season of a place in months of the library with fractions (5.25 is about 8 May). It holds midsummer, so that the last
 * frost may lie before 1 (a winter without frost to speak of) and the first one beyond 13.
 */
export interface Climate {
  readonly lastFrost: number
  readonly firstFrost: number
  readonly southern: boolean
}

const YEAR = 12
const HALF_YEAR = 6
const MIDSUMMER = 7.5
/** Frosts this close together are a year without any, months. */
const LEAST_SEASON = 0.5

/** `05-08` → 5.23. Month-day texts as stored with a garden. */
export function monthFraction(monthDay: string): number {
  const [month = 1, day = 1] = monthDay.split('-').map(Number)
  return month + (day - 1) / 31
}

/**
 * The climate of a place. Latitudes south of the equator are turned half a year. The season runs from the last frost on to the first one
 * after it; two frosts within days of each other mean a year without any.
 */
export function climateOf(place: { latitude: number; lastFrost: string; firstFrost: string }): Climate {
  const southern = place.latitude < 0
  const turn = southern ? HALF_YEAR : 0
  const from = monthFraction(place.lastFrost) + turn
  const gap = (((monthFraction(place.firstFrost) + turn - from) % YEAR) + YEAR) % YEAR
  const length = gap < LEAST_SEASON ? YEAR : gap
  const shift = Math.round((MIDSUMMER - (from + length / 2)) / YEAR) * YEAR
  return { lastFrost: from + shift, firstFrost: from + shift + length, southern }
}

const turned = (month: number, { southern }: Pick<Climate, 'southern'>) =>
  southern ? ((month + 5) % YEAR) + 1 : month

/** The month of the library's northern year that a month at the place stands for. */
export const libraryMonth = (month: PlaceMonth, climate: Pick<Climate, 'southern'>): LibraryMonth =>
  turned(month, climate)

/** The month at the place in which what the library says of a month comes true. */
export const placeMonth = (month: LibraryMonth, climate: Pick<Climate, 'southern'>): PlaceMonth =>
  turned(month, climate)

/**
 * A point of the library's year (months with fractions, 1 up to 13 and beyond) as one of the place's, 1 up to 13, and how many years
 * after the one asked for it lies.
 */
export function placePoint(
  point: number,
  { southern }: Pick<Climate, 'southern'>,
): { readonly point: number; readonly year: number } {
  const along = point - 1 + (southern ? HALF_YEAR : 0)
  const inYear = ((along % YEAR) + YEAR) % YEAR
  return { point: inYear + 1, year: southern ? 0 : Math.floor(along / YEAR) }
}

/** Months of the library as months of the place, in the order given. */
export const placeMonths = (months: readonly LibraryMonth[], climate: Pick<Climate, 'southern'>): PlaceMonth[] =>
  months.map((m) => placeMonth(m, climate))

/** Months between the last and the first frost (`05-08`, `10-14`), those mostly inside; all twelve where there is no frost. */
export function growingMonths(lastFrost: string, firstFrost: string): PlaceMonth[] {
  const from = monthFraction(lastFrost)
  let to = monthFraction(firstFrost)
  if (to <= from) to += YEAR
  const all = Array.from({ length: YEAR }, (_, i) => i + 1)
  const inside = (k: number) => Math.min(k + 1, to) - Math.max(k, from) >= 0.5
  const months = all.filter((m) => inside(m) || inside(m + YEAR))
  return months.length > 0 ? months : all
}
