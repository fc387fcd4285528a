import { hashText } from '../geometry'
import { addDays, dayIn, daysBetween, yearOfDay, type Day } from '../time'

/** Weather of one day: least and greatest temperature in °C, rain in mm, strongest gust in m/s. */
export interface DayWeather {
  readonly day: Day
  readonly lowC: number
  readonly highC: number
  readonly rainMm: number
  readonly gustMs: number
}
export interface WeatherPlace {
  readonly latitude: number
  readonly lastFrost: string
  readonly firstFrost: string
}

/** Half of the span between the day's least and greatest temperature. */
const DAY_SPAN_C = 5
/** Nights about the frost dates are this warm on the mean: a cold spell then brings the last or the first frost. */
const FROST_NIGHT_C = 4.5
const WET_DAYS = 0.34
const RAIN_MM = 6.5
const NOISE_C = 4.5

/**
 * Made-up weather that is the same for the same garden and day. The year's course is a cosine through the frost dates' nights, warmest a
 * month after the longest day; days differ from it by a noise that lasts two or three days; a third of the days are wet, with
 * exponential amounts. It is no forecast, and says so where it is shown.
 */
export function simulatedWeather(place: WeatherPlace, seed: string): (day: Day) => DayWeather {
  const course = courseOf(place)
  return (day) => {
    const noise = (smooth(seed, day, 't') - 0.5) * 2 * NOISE_C
    const mean = course(day) + noise
    const wet = chance(seed, day, 'w') < WET_DAYS
    const rainMm = wet ? -RAIN_MM * Math.log(1 - Math.min(0.995, chance(seed, day, 'r'))) : 0
    const span = wet ? DAY_SPAN_C * 0.6 : DAY_SPAN_C
    return {
      day,
      lowC: round(mean - span),
      highC: round(mean + span),
      rainMm: round(rainMm),
      gustMs: round(5 + 14 * chance(seed, day, 'g') ** 2 + (wet ? 3 : 0)),
    }
  }
}

const round = (n: number) => Math.round(n * 10) / 10
/** A number from 0 to 1. What differs in its last letter alone must not be alike: the hash is stirred before it is used. */
const chance = (seed: string, day: Day, what: string) => stirred(hashText(`${seed}|${day}|${what}`)) / 2 ** 32
function stirred(hash: number): number {
  let h = hash ^ (hash >>> 16)
  h = Math.imul(h, 0x85ebca6b)
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35)
  return (h ^ (h >>> 16)) >>> 0
}
/** A number from 0 to 1 that changes little from day to day. */
const smooth = (seed: string, day: Day, what: string) =>
  0.25 * chance(seed, addDays(day, -1), what) +
  0.5 * chance(seed, day, what) +
  0.25 * chance(seed, addDays(day, 1), what)

/** The mean of that weather on a day: what its days would be without their noise; rain in mm a day. */
export function meanWeather(place: WeatherPlace): (day: Day) => Pick<DayWeather, 'lowC' | 'highC' | 'rainMm'> {
  const course = courseOf(place)
  const span = DAY_SPAN_C * (WET_DAYS * 0.6 + 1 - WET_DAYS)
  return (day) => ({ lowC: course(day) - span, highC: course(day) + span, rainMm: WET_DAYS * RAIN_MM })
}

const YEAR = 365.25
/** Mean temperature of a day of the year: its middle is set by the frosts, its reach by the latitude. */
function courseOf({ latitude, lastFrost, firstFrost }: WeatherPlace): (day: Day) => number {
  const southern = latitude < 0
  const reach = 4 + Math.min(12, Math.abs(latitude) * 0.18)
  const warmest = southern ? '01-22' : '07-22'
  const shift = (day: Day) => Math.cos((2 * Math.PI * daysBetween(dayIn(yearOfDay(day), warmest), day)) / YEAR)
  const atFrost = (shift(dayIn(2001, lastFrost)) + shift(dayIn(2001, firstFrost))) / 2
  const middle = FROST_NIGHT_C + DAY_SPAN_C - reach * atFrost
  return (day) => middle + reach * shift(day)
}

/** What the ground and the air allow on a day; null when work goes on. Source: docs/grounds/papers, Order of works. */
type Hindrance = 'frozen ground' | 'waterlogged ground' | 'heat'
const SOAKED_MM: Readonly<Record<'sand' | 'loam' | 'clay', number>> = { sand: 45, loam: 26, clay: 18 }
const HOT_C = 32

/** What keeps from planting on a day: frost in the ground, three days' rain that the soil holds, or 32 °C. */
export function hindranceOn(
  weather: (day: Day) => DayWeather,
  day: Day,
  soil: 'sand' | 'loam' | 'clay',
): Hindrance | null {
  const last = [0, -1, -2].map((d) => weather(addDays(day, d)))
  if (last.every((w) => (w.lowC + w.highC) / 2 < -0.5)) return 'frozen ground'
  if (last.reduce((n, w) => n + w.rainMm, 0) > SOAKED_MM[soil]) return 'waterlogged ground'
  return last[0]!.highC >= HOT_C ? 'heat' : null
}
