/** When the growing season of a place begins and ends, as months with fractions: 5.25 is about 8 May. */
export interface Climate {
  readonly lastFrost: number
  readonly firstFrost: number
  readonly southern: boolean
}

/** `05-08` → 5.26. Month-day texts as stored with a garden. */
export function monthFraction(monthDay: string): number {
  const [month = 1, day = 1] = monthDay.split('-').map(Number)
  return month + (day - 1) / 31
}

/** The climate of a place. Latitudes south of the equator are turned half a year, so that the library's months read as northern ones. */
export function climateOf(place: { latitude: number; lastFrost: string; firstFrost: string }): Climate {
  const southern = place.latitude < 0
  const turn = (m: number) => (southern ? ((m + 5) % 12) + 1 : m)
  return {
    lastFrost: turn(monthFraction(place.lastFrost)),
    firstFrost: turn(monthFraction(place.firstFrost)),
    southern,
  }
}

/** The month of the library's northern calendar that a month at the place stands for. */
export const libraryMonth = (month: number, climate: Climate) => (climate.southern ? ((month + 5) % 12) + 1 : month)

export const MONTH_NAMES = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const
export const monthName = (month: number) => MONTH_NAMES[month - 1] ?? ''

/** Months as spans in short words, over the new year too: `[6, 7, 8, 10]` → `Jun–Aug, Oct`; `[11, 12, 1]` → `Nov–Jan`. */
export function monthSpan(months: readonly number[]): string {
  const there = new Set(months)
  if (there.size === 12) return 'all year'
  const before = (m: number) => ((m + 10) % 12) + 1
  const after = (m: number) => (m % 12) + 1
  const short = (m: number) => monthName(m).slice(0, 3)
  return [...there]
    .sort((a, b) => a - b)
    .filter((m) => !there.has(before(m)))
    .map((first) => {
      let last = first
      while (there.has(after(last))) last = after(last)
      return first === last ? short(first) : `${short(first)}–${short(last)}`
    })
    .join(', ')
}
