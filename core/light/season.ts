import { sunAt, type LightHours } from './lightHours'

/** Months between the last and the first frost (`05-08`, `10-14`), those mostly inside; all twelve where there is no frost-free stretch to speak of. */
export function growingMonths(lastFrost: string, firstFrost: string): number[] {
  const at = (s: string) => {
    const [m = 1, d = 1] = s.split('-').map(Number)
    return m + (d - 1) / 30.5
  }
  const from = at(lastFrost)
  let to = at(firstFrost)
  if (to <= from) to += 12
  const months = Array.from({ length: 12 }, (_, i) => i + 1).filter((m) =>
    [m, m + 12].some((k) => Math.min(k + 1, to) - Math.max(k, from) >= 0.5),
  )
  return months.length > 0 ? months : Array.from({ length: 12 }, (_, i) => i + 1)
}

/** The light of one place: hours by month, the growing season's mean, its brightest and darkest month, and how much comes late on a summer's day. */
export interface PlaceLight {
  readonly months: readonly number[]
  readonly mean: number
  readonly brightest: number
  readonly darkest: number
  readonly morningShare: number
  readonly lateSummerH: number
}

/** What a cell gets over the year. `season` are the growing months. */
export function placeLight(light: LightHours, cell: number, season: readonly number[]): PlaceLight {
  const months = light.months.map((_, i) => sunAt(light, i + 1, cell))
  const inSeason = season.map((m) => months[m - 1]!)
  const morning = season.reduce((sum, m) => sum + light.months[m - 1]!.morning[cell]!, 0)
  const direct = season.reduce(
    (sum, m) => sum + light.months[m - 1]!.morning[cell]! + light.months[m - 1]!.afternoon[cell]!,
    0,
  )
  return {
    months,
    mean: inSeason.reduce((a, b) => a + b, 0) / inSeason.length,
    brightest: Math.max(...inSeason),
    darkest: Math.min(...inSeason),
    morningShare: direct > 0 ? morning / direct : 0,
    lateSummerH: Math.max(...season.map((m) => light.months[m - 1]!.late[cell]!)),
  }
}
