import { addDays, daysBetween, type Day, type PlaceMonth } from '../time'
import { grassWater } from './evaporation'
import { meanWeather, type DayWeather, type WeatherPlace } from './simulatedWeather'

/** The mean weather of one month of a place: °C, mm of rain in the month. */
export interface MonthClimate {
  readonly lowC: number
  readonly highC: number
  readonly rainMm: number
}
/** Twelve months from January. */
export type ClimateTable = readonly MonthClimate[]

const MONTHS = 12
const MIDDLE = '15'
/** A year without a leap day, in which days of the year are counted. */
const PLAIN_YEAR = 2001

/** Days of a month in a common year. */
export const daysOfMonth = (month: PlaceMonth): number => new Date(Date.UTC(PLAIN_YEAR, month, 0)).getUTCDate()

const middleOf = (month: PlaceMonth): Day => `${PLAIN_YEAR}-${String(month).padStart(2, '0')}-${MIDDLE}`

/** The table by month that a place gets from its latitude and frosts until someone types better figures over it. */
export function placeClimate(place: WeatherPlace): ClimateTable {
  const mean = meanWeather(place)
  return Array.from({ length: MONTHS }, (_, i) => {
    const { lowC, highC, rainMm } = mean(middleOf(i + 1))
    return { lowC: round(lowC), highC: round(highC), rainMm: Math.round(rainMm * daysOfMonth(i + 1)) }
  })
}
const round = (n: number) => Math.round(n * 10) / 10

/** The day of the year, 1 to 366. */
export const dayOfYear = (day: Day): number => daysBetween(`${day.slice(0, 4)}-01-01`, day) + 1

/** Water that short grass gives off in a month, mm a day, at the month's middle. */
export function monthGrassWater(table: ClimateTable, month: PlaceMonth, latitude: number): number {
  const { lowC, highC } = table[month - 1]!
  return grassWater(lowC, highC, latitude, dayOfYear(middleOf(month)))
}

/** The same of one day of weather. */
export const dayGrassWater = ({ day, lowC, highC }: DayWeather, latitude: number): number =>
  grassWater(lowC, highC, latitude, dayOfYear(day))

/** Rain of a month that stays in reach of roots, mm: `P · (125 − 0.2 P) / 125` up to 250 mm, `125 + 0.1 P` above. */
export const rainThatCounts = (rainMm: number): number =>
  rainMm <= 250 ? (rainMm * (125 - 0.2 * rainMm)) / 125 : 125 + 0.1 * rainMm

/** A table by month from day-by-day weather, as the mean of some years from one on. */
export function climateFromDays(weather: (day: Day) => DayWeather, year: number, years: number): ClimateTable {
  const sums = Array.from({ length: MONTHS }, () => ({ low: 0, high: 0, rain: 0, days: 0 }))
  const last = `${year + years - 1}-12-31`
  for (let day = `${year}-01-01`; day <= last; day = addDays(day, 1)) {
    const w = weather(day)
    const sum = sums[Number(day.slice(5, 7)) - 1]!
    sum.low += w.lowC
    sum.high += w.highC
    sum.rain += w.rainMm
    sum.days++
  }
  return sums.map(({ low, high, rain, days }) => ({
    lowC: round(low / days),
    highC: round(high / days),
    rainMm: Math.round(rain / years),
  }))
}
