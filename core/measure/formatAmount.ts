import type { Units } from './parseLength'
import { sayNumber, type Region } from './region'

const M2_PER_SQ_FT = 0.3048 ** 2
const M3_PER_CU_FT = 0.3048 ** 3
const M3_PER_CU_YD = 27 * M3_PER_CU_FT
/** From half a cubic yard on, soil and mulch are told in yards, as they are sold. */
const YARDS_FROM = 0.5
const LB_PER_KG = 2.20462

/** Square metres in words: `12.4 m²`, `133 sq ft`. */
export const formatArea = (m2: number, units: Units, region: Region = 'GB'): string =>
  units === 'metric' ? `${sayNumber(m2, region, 1)} m²` : `${sayNumber(m2 / M2_PER_SQ_FT, region, 0)} sq ft`

/** Cubic metres in words: litres below a tenth, feet below half a yard; `0.62 m³`, `0.81 cu yd`. */
export function formatVolume(m3: number, units: Units, region: Region = 'GB'): string {
  if (units === 'imperial')
    return m3 / M3_PER_CU_YD >= YARDS_FROM
      ? `${sayNumber(m3 / M3_PER_CU_YD, region, 2)} cu yd`
      : `${sayNumber(m3 / M3_PER_CU_FT, region, 1)} cu ft`
  return m3 < 0.1 ? `${sayNumber(m3 * 1000, region, 0)} L` : `${sayNumber(m3, region, 2)} m³`
}

/** Kilograms in words: `25 kg`, `55 lb`. */
export const formatWeight = (kg: number, units: Units, region: Region = 'GB'): string =>
  units === 'metric' ? `${sayNumber(kg, region, kg < 10 ? 1 : 0)} kg` : `${sayNumber(kg * LB_PER_KG, region, 0)} lb`

/** A depth or width of less than a pace: `6 cm`, `2½ in` to the half inch. */
export function formatSmall(m: number, units: Units, region: Region = 'GB'): string {
  if (units === 'metric') return `${sayNumber(m * 100, region, 1)} cm`
  const halves = Math.round((m / 0.0254) * 2)
  const whole = Math.floor(halves / 2)
  if (halves % 2 === 0) return `${whole} in`
  return `${whole === 0 ? '' : whole}½ in`
}
