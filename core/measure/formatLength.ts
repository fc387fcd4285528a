import type { Units } from './parseLength'
import { withDecimalSign, type Region } from './region'

/** Metres as text in one unit: `2.60 m`, `0.95 m` or `8′ 6½″` (to the half inch). */
export function formatLength(metres: number, units: Units, decimals = 2, region: Region = 'GB'): string {
  return units === 'metric' ? `${withDecimalSign(metres.toFixed(decimals), region)} m` : formatFeet(metres)
}

/** Metres in the garden's unit; a metric garden has feet beside it, for tapes and timber: `2.60 m (8′ 6½″)`, or `8′ 6½″`. */
export function formatBoth(metres: number, units: Units, region: Region = 'GB'): string {
  return units === 'metric'
    ? `${formatLength(metres, 'metric', 2, region)} (${formatFeet(metres)})`
    : formatFeet(metres)
}

function formatFeet(metres: number): string {
  const sign = metres < 0 ? '−' : ''
  const halves = Math.round((Math.abs(metres) / 0.0254) * 2)
  const feet = Math.floor(halves / 24)
  const rest = halves - feet * 24
  const inches = `${Math.floor(rest / 2) || (rest % 2 ? '' : '0')}${rest % 2 ? '½' : ''}″`
  if (feet === 0) return sign + inches
  return rest === 0 ? `${sign}${feet}′` : `${sign}${feet}′ ${inches}`
}
