import { monthFraction, type Climate } from './climate'
import { PLACE_MONTHS, type PlaceMonth } from './months'

/** An end of a stay: a day of the calendar, or days after a frost. */
type StayEnd = { readonly on: string } | { readonly frost: 'last' | 'first'; readonly days: number }

const YEAR = 12
const HALF_YEAR = 6
const MONTH_DAYS = 30.4
const MIDDLE = 0.5

/** An end of a stay as a month of the place with its fraction, 1 up to 13; 5.5 is the middle of May. */
export function stayPoint(end: StayEnd, climate: Climate): number {
  const turn = climate.southern ? HALF_YEAR : 0
  const raw =
    'on' in end
      ? monthFraction(end.on)
      : (end.frost === 'last' ? climate.lastFrost : climate.firstFrost) - turn + end.days / MONTH_DAYS
  return ((((raw - 1) % YEAR) + YEAR) % YEAR) + 1
}

/** The months of the place in which a stay holds: those whose middle lies in it. */
export function stayMonths(
  stay: { readonly from: StayEnd; readonly to: StayEnd },
  climate: Climate,
): Set<PlaceMonth> {
  const from = stayPoint(stay.from, climate)
  const to = stayPoint(stay.to, climate)
  const holds = (m: number) => {
    const middle = m + MIDDLE
    return from <= to ? middle >= from && middle < to : middle >= from || middle < to
  }
  return new Set(PLACE_MONTHS.filter(holds))
}
