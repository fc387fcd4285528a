import type { Units } from './parseLength'

const M2_PER_SQ_FT = 0.3048 ** 2
const M3_PER_CU_FT = 0.3048 ** 3
const LB_PER_KG = 2.20462
const number = (n: number, digits: number) => n.toLocaleString('en', { maximumFractionDigits: digits })

/** Square metres in words: `12.4 m²`, `133 sq ft`. */
export const formatArea = (m2: number, units: Units): string =>
  units === 'metric' ? `${number(m2, 1)} m²` : `${number(m2 / M2_PER_SQ_FT, 0)} sq ft`

/** Cubic metres in words: litres below a tenth; `0.62 m³`, `22 cu ft`. */
export function formatVolume(m3: number, units: Units): string {
  if (units === 'imperial') return `${number(m3 / M3_PER_CU_FT, 1)} cu ft`
  return m3 < 0.1 ? `${number(m3 * 1000, 0)} L` : `${number(m3, 2)} m³`
}

/** Kilograms in words: `25 kg`, `55 lb`. */
export const formatWeight = (kg: number, units: Units): string =>
  units === 'metric' ? `${number(kg, kg < 10 ? 1 : 0)} kg` : `${number(kg * LB_PER_KG, 0)} lb`

/** A depth or width of less than a pace: `6 cm`, `2½ in` to the half inch. */
export function formatSmall(m: number, units: Units): string {
  if (units === 'metric') return `${number(m * 100, 1)} cm`
  const halves = Math.round((m / 0.0254) * 2)
  const whole = Math.floor(halves / 2)
  if (halves % 2 === 0) return `${whole} in`
  return `${whole === 0 ? '' : whole}½ in`
}
