import { getPosition, getTimes } from 'suncalc'
import type { PlaceMonth } from './months'

const HOUR_MS = 3_600_000
const MIDDLE = 15
/** A year in the middle between leap years. */
const YEAR = 2026

/**
 * Hours from sunrise to sunset in the middle of a month at a latitude (degrees, south negative), as suncalc has them. Whole days and
 * nights near the poles are 24 and 0.
 */
export function dayLengthH(month: PlaceMonth, latitude: number): number {
  const noon = new Date(Date.UTC(YEAR, month - 1, MIDDLE, 12))
  const { sunrise, sunset } = getTimes(noon, latitude, 0)
  const hours = sunrise && sunset ? (sunset.getTime() - sunrise.getTime()) / HOUR_MS : Number.NaN
  if (Number.isFinite(hours)) return hours
  return getPosition(noon, latitude, 0).altitude > 0 ? 24 : 0
}
