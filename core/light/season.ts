import type { PlaceMonth } from '../time'
import { sunAt, type LightHours } from './lightHours'

/**
 * The light of one place: hours by month, the growing season's mean, its brightest and darkest month, and how much
 * comes late on a summer's day.
 */
export interface PlaceLight {
  readonly months: readonly number[]
  readonly mean: number
  readonly brightest: number
  readonly darkest: number
  readonly morningShare: number
  readonly lateSummerH: number
}

/** What a cell gets over the year. `season` are the growing months. */
export function placeLight(light: LightHours, cell: number, season: readonly PlaceMonth[]): PlaceLight {
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
