import type { TimerProgramme, TimerZone } from '../model'
import { addDays, monthOfDay, weekday, type Day } from '../time'
import { dayGrassWater, monthGrassWater, type ClimateTable, type DayWeather } from '../weather'

/** What the timer did with a zone on a day: minutes it ran, litres it gave, and why it ran otherwise than set. */
interface TimerRun {
  readonly day: Day
  readonly zone: string
  readonly minutes: number
  readonly litres: number
  readonly why: string
}
interface TimerWeather {
  readonly weather: (day: Day) => DayWeather
  readonly table: ClimateTable
  readonly latitude: number
}

/** Days of the week for so many runs: as evenly as it goes, from Monday. */
export const runDays = (many: number): readonly number[] =>
  Array.from({ length: Math.min(7, many) }, (_, i) => 1 + Math.floor((i * 7) / Math.min(7, many)))

/** The timer holds itself between these shares of what is set. */
const LEAST_SHARE = 0.5
const MOST_SHARE = 1.6
const TOLD_FROM = 0.15
const FROST_C = 1

/**
 * What a timer does from a day to another: it runs on its days, leaves out those after rain and in frost, and runs longer or shorter as the
 * last three days gave off more or less water than the month usually does. Simulated: the same programmes and weather give the same
 * record. Later programmes take over on the day they were handed over.
 */
export function timerRecord(
  programmes: readonly TimerProgramme[],
  from: Day,
  to: Day,
  weather: TimerWeather,
): TimerRun[] {
  const runs: TimerRun[] = []
  for (let day = from; day <= to; day = addDays(day, 1)) {
    const programme = programmes.filter((p) => p.since <= day).at(-1)
    if (programme) for (const zone of programme.zones) runs.push(...runOf(zone, programme.skipMm, day, weather))
  }
  return runs
}

function runOf(zone: TimerZone, skipMm: number, day: Day, at: TimerWeather): TimerRun[] {
  const set = zone.months[monthOfDay(day) - 1]
  if (!set || set.minutes <= 0 || !runDays(set.days).includes(weekday(day))) return []
  const skipped = (why: string): TimerRun[] => [{ day, zone: zone.name, minutes: 0, litres: 0, why }]
  const [yesterday, today] = [at.weather(addDays(day, -1)), at.weather(day)]
  const rain = yesterday.rainMm + today.rainMm
  if (rain >= skipMm) return skipped(`left out: ${Math.round(rain)}\u202fmm of rain`)
  if (today.lowC <= FROST_C) return skipped('left out: frost')
  const share = Math.max(LEAST_SHARE, Math.min(MOST_SHARE, givenOff(day, at)))
  const minutes = Math.round(set.minutes * share)
  const litres = Math.round((zone.litresAnHour * minutes) / 60)
  return [{ day, zone: zone.name, minutes, litres, why: sayShare(share) }]
}

/** What the last three days gave off over what the month usually does. */
function givenOff(day: Day, { weather, table, latitude }: TimerWeather): number {
  const usual = monthGrassWater(table, monthOfDay(day), latitude)
  const last = [-1, -2, -3].map((d) => dayGrassWater(weather(addDays(day, d)), latitude))
  return usual > 0 ? last.reduce((n, w) => n + w, 0) / last.length / usual : 1
}

function sayShare(share: number): string {
  if (share > 1 + TOLD_FROM) return `${Math.round(share * 100 - 100)} % longer: hot, dry days`
  return share < 1 - TOLD_FROM ? `${Math.round(100 - share * 100)} % shorter: cool days` : ''
}
