export {
  type Climate,
  climateOf,
  growingMonths,
  libraryMonth,
  monthFraction,
  placeMonth,
  placePoint,
  placeMonths,
} from './climate'
export {
  type LibraryMonth,
  type Moment,
  MONTH_NAMES,
  monthName,
  monthSpan,
  PLACE_MONTHS,
  type PlaceMonth,
} from './months'
export { dayLengthH } from './dayLength'
export { stayMonths, stayPoint } from './stayMonths'
export { seasonNumber, seasonsGrown } from './seasonsGrown'
export {
  addDays,
  type Day,
  dayIn,
  dayOf,
  daysBetween,
  isDay,
  mondayOf,
  monthOfDay,
  nextDay,
  weekday,
  yearOfDay,
} from './days'
