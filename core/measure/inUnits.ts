import { formatArea, formatSmall, formatVolume, formatWeight } from './formatAmount'
import { formatLength } from './formatLength'
import type { Units } from './parseLength'

/**
 * What stands between a figure (digits, with a point where it has decimals, never grouped) and its metric unit in every text the core
 * makes: a narrow space that breaks no line. By it a text is put into the units of a garden, see {@link inUnits}; a name or a note that
 * somebody typed never has it.
 */
export const UNIT_SPACE = '\u202f'

const L_PER_GALLON = 3.785411784
const MM_PER_INCH = 25.4
const KM_PER_MILE = 1.609344
/** Lengths from here on are told in whole feet, metres. */
const FAR_M = 15
const round = (n: number, digits = 0) => n.toLocaleString('en', { maximumFractionDigits: digits })
const fahrenheit = (c: number) => `${round((c * 9) / 5 + 32)} °F`

const IMPERIAL: Readonly<Record<string, (n: number) => string>> = {
  m: (n) => (Math.abs(n) >= FAR_M ? `${round(n / 0.3048)} ft` : formatLength(n, 'imperial')),
  cm: (n) => formatSmall(n / 100, 'imperial'),
  mm: (n) => `${round(n / MM_PER_INCH, 2)} in`,
  km: (n) => `${round(n / KM_PER_MILE, 1)} mi`,
  'm²': (n) => formatArea(n, 'imperial'),
  'm³': (n) => formatVolume(n, 'imperial'),
  'm/s': (n) => `${round(n * 2.23694)} mph`,
  L: (n) => `${round(n / L_PER_GALLON, 1)} gal`,
  'L/h': (n) => `${round(n / L_PER_GALLON, 1)} gal/h`,
  kg: (n) => formatWeight(n, 'imperial'),
  '°C': fahrenheit,
}
const UNIT_NAMES = 'm/s|L/h|m²|m³|km|cm|mm|m|L|kg|°C'
const FIGURE = new RegExp(`([-−]?)(\\d+(?:\\.\\d+)?)${UNIT_SPACE}(${UNIT_NAMES})(?![\\p{L}\\d²³])`, 'gu')

/** Two figures with one unit: `1.2 to 3.4 m`, `2 × 3 m`. */
const RANGE = new RegExp(`(\\d+(?:\\.\\d+)?) (to|by|×) (\\d+(?:\\.\\d+)?)${UNIT_SPACE}(${UNIT_NAMES})`, 'gu')

/** A text with its figures in the units of a garden: `Move 0.4 m right` as it is, or `Move 1′ 4″ right`. */
export function inUnits(text: string, units: Units): string {
  if (!text.includes(UNIT_SPACE)) return text
  if (units === 'metric') return text.replaceAll(UNIT_SPACE, ' ')
  return text
    .replace(RANGE, `$1${UNIT_SPACE}$4 $2 $3${UNIT_SPACE}$4`)
    .replace(FIGURE, (_, sign: string, figure: string, unit: string) => {
      const n = Number(figure) * (sign ? -1 : 1)
      return IMPERIAL[unit]!(n)
    })
}
