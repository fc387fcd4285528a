import type { Soil } from '../plant'

/** What a soil does with water. */
interface SoilWater {
  /** What it takes in, mm an hour. Source: docs/grounds/calculations, Materials, water, work, money. */
  readonly intakeMmH: number
  /** What roots find in a metre of it, mm. */
  readonly holdsMmM: number
  /** How far the wet spot under an emitter reaches to each side, metres: narrow and deep in sand, wide in clay. */
  readonly reachM: number
  /** Between rows, and the widest between the emitters of a row, metres. */
  readonly rowM: number
  readonly emitterM: number
}
export const SOIL_WATER: Readonly<Record<Soil, SoilWater>> = {
  sand: { intakeMmH: 25, holdsMmM: 80, reachM: 0.2, rowM: 0.35, emitterM: 0.3 },
  loam: { intakeMmH: 12, holdsMmM: 160, reachM: 0.3, rowM: 0.45, emitterM: 0.4 },
  clay: { intakeMmH: 5, holdsMmM: 180, reachM: 0.45, rowM: 0.55, emitterM: 0.5 },
}

/** Depth of roots in the first, second and later years, metres; in pots they stay shallow. */
const ROOTS_M = [0.15, 0.25, 0.4] as const
const POT_ROOTS_M = 0.2
/** Half of what the soil holds is used before water comes again. */
const USED_SHARE = 0.5

/** Days from one watering to the next, 1 to 7, at so many mm a day. */
export function daysBetweenRuns(mmADay: number, soil: SoilWater, year: number, inPots: boolean): number {
  const roots = inPots ? POT_ROOTS_M : ROOTS_M[Math.min(year, ROOTS_M.length - 1)]!
  const held = soil.holdsMmM * roots * USED_SHARE
  return Math.max(1, Math.min(7, Math.floor(held / Math.max(0.01, mmADay))))
}

/** What stands on the ground before it runs off, mm. */
const PONDED_MM = 4

/** Into how many parts a run is cut so that the soil takes it in, and the minutes to wait between them. */
export function soaked(minutes: number, rateMmH: number, { intakeMmH }: SoilWater) {
  const over = rateMmH - intakeMmH
  if (over <= 0 || minutes <= 0) return { cycles: 1, soakMinutes: 0 }
  const cycles = Math.max(1, Math.ceil(minutes / ((PONDED_MM / over) * 60)))
  return { cycles, soakMinutes: cycles > 1 ? Math.round(((minutes / cycles) * over) / intakeMmH) : 0 }
}
