/** When the growing season of a place begins and ends, as months with fractions: 5.25 is about 8 May. */
export interface Climate { readonly lastFrost: number; readonly firstFrost: number; readonly southern: boolean }

/** `05-08` → 5.26. Month-day texts as stored with a garden. */
export function monthFraction(monthDay: string): number {
  const [month = 1, day = 1] = monthDay.split('-').map(Number)
  return month + (day - 1) / 31
}

/** The climate of a place. Latitudes south of the equator are turned half a year, so that the library's months read as northern ones. */
export function climateOf(place: { latitude: number; lastFrost: string; firstFrost: string }): Climate {
  const southern = place.latitude < 0
  const turn = (m: number) => (southern ? ((m + 5) % 12) + 1 : m)
  return { lastFrost: turn(monthFraction(place.lastFrost)), firstFrost: turn(monthFraction(place.firstFrost)), southern }
}

/** The month of the library's northern calendar that a month at the place stands for. */
export const libraryMonth = (month: number, climate: Climate) => (climate.southern ? ((month + 5) % 12) + 1 : month)

export const MONTH_NAMES = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'] as const
export const monthName = (month: number) => MONTH_NAMES[month - 1] ?? ''
