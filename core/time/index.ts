export {
  LIBRARY_MONTHS,
  MONTH_NAMES,
  monthName,
  monthSpan,
  PLACE_MONTHS,
  type LibraryMonth,
  type Moment,
  type PlaceMonth,
} from './months'
export {
  climateOf,
  growingMonths,
  libraryMonth,
  monthFraction,
  placeMonth,
  placeMonths,
  type Climate,
} from './climate'
export { seasonNumber, seasonsGrown } from './seasonsGrown'
