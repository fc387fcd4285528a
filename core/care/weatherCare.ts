import { dayTold } from '../measure'
import { addDays, type Day } from '../time'
import type { DayWeather } from '../weather'
import type { CareKind } from './careRule'
import type { CareTask } from './careYear'

/** Work that the weather brings or keeps from, for a day. */
interface WeatherWord {
  readonly day: Day
  readonly what: 'frost' | 'heat' | 'storm' | 'drought'
  readonly says: string
  /** Minutes of extra work; 0 for what is only left. */
  readonly minutes: number
}

const HOT_C = 32
const STORM_MS = 17
const DRY_DAYS = 7
const DRY_MM = 4
const DRY_C = 22
const COVER_MIN = 1
const HEAT_SHY = new Set<CareKind>(['clip', 'prune', 'cut by half', 'divide', 'repot', 'set out'])
const FROST_SHY = new Set<CareKind>(['clip', 'prune', 'divide', 'set out', 'repot', 'mulch'])

/** Why a task is better left on a day; null when it can be done. */
export function keptBack(kind: CareKind, { lowC, highC }: DayWeather): string | null {
  if (highC >= HOT_C && HEAT_SHY.has(kind)) return `not in ${Math.round(highC)}\u202f°C`
  return lowC < 0 && FROST_SHY.has(kind) ? 'not in frost' : null
}

interface TenderOut {
  readonly names: readonly string[]
  readonly count: number
}

/**
 * What the weather of the coming days asks: tender plants covered before a frost, supports looked at before a storm, water in a dry week,
 * and what is left in heat. The weather is made up and says so where it is shown.
 */
export function weatherWords(
  weather: (day: Day) => DayWeather,
  today: Day,
  days: number,
  tender: TenderOut,
  staked: number,
): WeatherWord[] {
  const list = Array.from({ length: days }, (_, i) => weather(addDays(today, i)))
  return list.flatMap((w): WeatherWord[] => [
    ...(w.lowC <= 0 && tender.count > 0
      ? [
          {
            day: w.day,
            what: 'frost' as const,
            says:
              `Cover ${tender.count} tender plants in the evening of ${dayTold(w.day)} ` +
              `(${tender.names.join(', ')}): ${w.lowC}\u202f°C.`,
            minutes: tender.count * COVER_MIN,
          },
        ]
      : []),
    ...(w.gustMs >= STORM_MS && staked > 0
      ? [
          {
            day: w.day,
            what: 'storm' as const,
            says: `Look at ${staked} stakes and ties before ${dayTold(w.day)}: gusts of ${Math.round(w.gustMs)}\u202fm/s.`,
            minutes: Math.ceil(staked / 2),
          },
        ]
      : []),
    ...(w.highC >= HOT_C
      ? [
          {
            day: w.day,
            what: 'heat' as const,
            says: `${dayTold(w.day)}: ${Math.round(w.highC)}\u202f°C, no clipping, no moving.`,
            minutes: 0,
          },
        ]
      : []),
    ...(isDry(weather, w.day)
      ? [
          {
            day: w.day,
            what: 'drought' as const,
            says: `A dry week to ${dayTold(w.day)}: water what was planted this year, in the morning.`,
            minutes: 20,
          },
        ]
      : []),
  ])
}

/** Whether the week before a day was dry and warm, told on the day on which it becomes so. */
function isDry(weather: (day: Day) => DayWeather, day: Day): boolean {
  const weekTo = (end: Day) => {
    const list = Array.from({ length: DRY_DAYS }, (_, i) => weather(addDays(end, -i)))
    const rain = list.reduce((n, w) => n + w.rainMm, 0)
    const warm = list.reduce((n, w) => n + w.highC, 0) / DRY_DAYS
    return rain < DRY_MM && warm >= DRY_C
  }
  return weekTo(day) && !weekTo(addDays(day, -1))
}

/** Hours of each month of a calendar year, 1 to 12, by what takes them; a task counts where it is best done. */
export function monthHours(
  tasks: readonly CareTask[],
  year: number,
): { month: number; hours: number; most: CareKind | null }[] {
  return Array.from({ length: 12 }, (_, i) => {
    const month = i + 1
    const own = tasks.filter((t) => Number(t.best.slice(0, 4)) === year && Number(t.best.slice(5, 7)) === month)
    const byKind = new Map<CareKind, number>()
    for (const t of own) byKind.set(t.kind, (byKind.get(t.kind) ?? 0) + t.minutes)
    const most = [...byKind].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null
    return { month, hours: own.reduce((n, t) => n + t.minutes, 0) / 60, most }
  })
}

/** What would make a month's work less, by what takes most of it. */
export const FLATTENED_BY: Readonly<Record<CareKind, string>> = {
  prune: 'prune part of it in the next free month of its window, or swap what is pruned yearly for what is not',
  clip: 'fewer clipped plants, or one clipping in the year instead of two',
  'cut down': 'leave standing what stands well, and cut half of it two weeks earlier',
  deadhead: 'kinds that drop their dead flowers',
  'cut by half': 'let half of them seed',
  stake: 'shorter kinds, or rings that stay',
  feed: 'a slow feed once instead',
  divide: 'divide half this year and half the next',
  'set out': 'fewer tender plants',
  'bring in': 'fewer tender plants',
  lift: 'fewer tender plants',
  'look over in store': 'fewer tender plants',
  cover: 'hardier kinds',
  uncover: 'hardier kinds',
  guard: 'kinds that are let be',
  watch: 'sounder kinds',
  repot: 'repot a third of the pots each year',
  'hand over': 'fewer annual pockets, or longer stays',
  mulch: 'mulch a month earlier, or half of the beds in autumn',
  weed: 'mulch, and closer planting: open ground is what is weeded',
  edge: 'a hard edge, or gravel beside the bed',
}
