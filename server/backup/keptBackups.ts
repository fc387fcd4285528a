import { getISOWeek, getISOWeekYear, parseISO } from 'date-fns'

/** How many of the latest days, weeks and months keep a backup. */
interface KeepRule {
  readonly daily: number
  readonly weekly: number
  readonly monthly: number
}
export const KEEP: KeepRule = { daily: 7, weekly: 4, monthly: 6 }

const PERIODS: readonly (readonly [keyof KeepRule, (day: string) => string])[] = [
  ['daily', (day) => day],
  ['weekly', (day) => `${getISOWeekYear(parseISO(day))}-${getISOWeek(parseISO(day))}`],
  ['monthly', (day) => day.slice(0, 7)],
]

/** Which of some days keep their backup: the newest of each of the latest days, ISO weeks and months that have one. */
export function keptBackups(days: readonly string[], rule: KeepRule): ReadonlySet<string> {
  const newestFirst = [...days].sort().reverse()
  const kept = new Set<string>()
  for (const [name, periodOf] of PERIODS) {
    const seen = new Set<string>()
    for (const day of newestFirst) {
      const period = periodOf(day)
      if (seen.has(period) || seen.size >= rule[name]) continue
      seen.add(period)
      kept.add(day)
    }
  }
  return kept
}
