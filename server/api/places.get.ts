import type { PlacesAnswer } from '~~/shared/answers'
import { findPlaces } from '../services/places'

const LONGEST = 120

/** Towns whose name begins with what was typed. */
export default defineEventHandler((event): Promise<PlacesAnswer> =>
  findPlaces(String(getQuery(event).q ?? '').slice(0, LONGEST)),
)
