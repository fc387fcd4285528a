import type { PlaceMonth } from '../time'
import { getPosition, getTimes } from 'suncalc'

/** Where the sun stands: azimuth clockwise from north and apparent altitude, degrees. */
interface SunPosition {
  readonly azimuthDeg: number
  readonly altitudeDeg: number
}

/**
 * The sun at an instant, seen from a latitude and longitude (degrees, east positive). Source: suncalc; held to a
 * second library in the tests.
 */
export function sunPosition(at: Date, latitude: number, longitude: number): SunPosition {
  const { azimuth, altitude } = getPosition(at, latitude, longitude)
  return { azimuthDeg: azimuth, altitudeDeg: altitude }
}

/** A stretch of a day with the sun in the middle of it: its weight in hours and how long after solar noon (hours, negative before). */
interface SunStep extends SunPosition {
  readonly hours: number
  readonly afterNoonH: number
}

const DAY_OF_MONTH = 21
const MINUTE_MS = 60_000
/** Lower than this the sun's shadows run out of any site; drawn from here, they are as long as they need be. */
const LEAST_ALTITUDE_DEG = 0.2

/** Solar noon of the 21st of a month (1 to 12) at a longitude, as an instant. */
export function solarNoon(year: number, month: PlaceMonth, day: number, latitude: number, longitude: number): Date {
  // The mean noon of the place first, so that the day asked for is the place's own and not the meridian's.
  const mean = new Date(Date.UTC(year, month - 1, day, 12) - longitude * 4 * MINUTE_MS)
  const { solarNoon: noon } = getTimes(mean, latitude, longitude)
  const off = Math.round((noon.getTime() - mean.getTime()) / (24 * 60 * MINUTE_MS))
  return new Date(noon.getTime() - off * 24 * 60 * MINUTE_MS)
}

/** The share of a step that the sun is up, by its altitude at both ends. */
function shareUp(a: number, b: number): number {
  const [low, high] = [Math.min(a, b), Math.max(a, b)]
  if (low > 0) return 1
  return high <= 0 ? 0 : high / (high - low)
}

/**
 * The sun's way on a day of a month (the 21st when none is named) in equal steps, symmetric about solar noon, so
 * that a symmetric site gets the same before and after.
 * A step in which the sun rises or sets counts by the share that it is up. Hours add up to the day's length.
 */
export function sunSteps(
  month: PlaceMonth,
  latitude: number,
  longitude: number,
  stepMinutes = 10,
  year = 2026,
  day = DAY_OF_MONTH,
): SunStep[] {
  const noon = solarNoon(year, month, day, latitude, longitude).getTime()
  const half = (12 * 60) / stepMinutes
  const steps: SunStep[] = []
  const altitude = (minutes: number) =>
    sunPosition(new Date(noon + minutes * MINUTE_MS), latitude, longitude).altitudeDeg
  for (let k = -half; k < half; k++) {
    const low = altitude(k * stepMinutes)
    const high = altitude((k + 1) * stepMinutes)
    const up = shareUp(low, high)
    if (up <= 0) continue
    const middle = (k + 0.5) * stepMinutes
    const at = sunPosition(new Date(noon + middle * MINUTE_MS), latitude, longitude)
    steps.push({
      azimuthDeg: at.azimuthDeg,
      altitudeDeg: Math.max(LEAST_ALTITUDE_DEG, at.altitudeDeg),
      hours: (up * stepMinutes) / 60,
      afterNoonH: middle / 60,
    })
  }
  return steps
}
