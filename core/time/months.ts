declare const calendar: unique symbol

/**
 * A month (1 to 12) of the plant library, whose year is the northern one: June is early summer everywhere. The compiler keeps it apart
 * from a month of the place; a bare number goes for either.
 */
export type LibraryMonth = number & { readonly [calendar]?: 'library' }
/** A month (1 to 12) of the calendar on the wall where the garden lies. */
export type PlaceMonth = number & { readonly [calendar]?: 'place' }

/** A month (1 to 12) of the place, in a year counted from planting (0 is the planting year). */
export interface Moment {
  readonly month: PlaceMonth
  readonly year: number
}

export const PLACE_MONTHS: readonly PlaceMonth[] = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]

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

export const monthName = (month: PlaceMonth): string => MONTH_NAMES[month - 1] ?? ''

const before = (m: number) => ((m + 10) % 12) + 1
const after = (m: number) => (m % 12) + 1

/** Months as spans in short words, over the new year too: `[6, 7, 8, 10]` → `Jun–Aug, Oct`; `[11, 12, 1]` → `Nov–Jan`. */
export function monthSpan(months: readonly PlaceMonth[]): string {
  const there = new Set<number>(months)
  if (there.size === 12) return 'all year'
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
