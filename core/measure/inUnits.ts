import { formatArea, formatSmall, formatVolume, formatWeight } from './formatAmount'
import { formatLength } from './formatLength'
import type { Units } from './parseLength'
import { sayNumber, withDecimalSign, type Region } from './region'

/**
 * What stands between a figure (digits, with a point where it has decimals, never grouped) and its metric unit in every text the core
 * makes: a narrow space that breaks no line. By it a text is put into the units of a garden, see {@link inUnits}; a name or a note that
 * somebody typed never has it.
 */
export const UNIT_SPACE = '\u202f'

/** A litre of what is dry, as soil and mulch; told as L where litres are told. */
const DRY_LITRE = 'ℓ'

/** Pressure of a pound a square inch, bar. */
export const BAR_PER_PSI = 0.0689475729
const L_PER_GALLON = 3.785411784
const MM_PER_INCH = 25.4
const KM_PER_MILE = 1.609344
/** Lengths from here on are told in whole feet, metres. */
const FAR_M = 15
const FAHRENHEIT_AT_0 = 32

/** Degrees Celsius in Fahrenheit. */
export const toFahrenheit = (celsius: number) => (celsius * 9) / 5 + FAHRENHEIT_AT_0

const IMPERIAL: Readonly<Record<string, (n: number, region: Region) => string>> = {
  m: (n, r) => (Math.abs(n) >= FAR_M ? `${sayNumber(n / 0.3048, r, 0)} ft` : formatLength(n, 'imperial')),
  cm: (n) => formatSmall(n / 100, 'imperial'),
  mm: (n, r) => `${sayNumber(n / MM_PER_INCH, r, 2)} in`,
  km: (n, r) => `${sayNumber(n / KM_PER_MILE, r, 1)} mi`,
  'm²': (n, r) => formatArea(n, 'imperial', r),
  'm³': (n, r) => formatVolume(n, 'imperial', r),
  'm/s': (n, r) => `${sayNumber(n * 2.23694, r, 0)} mph`,
  L: (n, r) => `${sayNumber(n / L_PER_GALLON, r, 1)} gal`,
  'L/h': (n, r) => `${sayNumber(n / L_PER_GALLON, r, 1)} gal/h`,
  kg: (n, r) => formatWeight(n, 'imperial', r),
  '°C': (n, r) => `${sayNumber(toFahrenheit(n), r, 0)} °F`,
  bar: (n, r) => `${sayNumber(n / BAR_PER_PSI, r, 0)} psi`,
  // Of soil and mulch: sold by the cubic foot where water is sold by the gallon.
  [DRY_LITRE]: (n, r) => formatVolume(n / 1000, 'imperial', r),
}
const UNIT_NAMES = `m/s|L/h|m²|m³|km|cm|mm|m|L|kg|°C|bar|${DRY_LITRE}`
const FIGURE = new RegExp(`([-−]?)(\\d+(?:\\.\\d+)?)${UNIT_SPACE}(${UNIT_NAMES})(?![\\p{L}\\d²³])`, 'gu')

/** Two figures with one unit: `1.2 to 3.4 m`, `2 × 3 m`. */
const RANGE = new RegExp(`(\\d+(?:\\.\\d+)?) (to|by|×) (\\d+(?:\\.\\d+)?)${UNIT_SPACE}(${UNIT_NAMES})`, 'gu')

/** What of a text is written with a decimal sign: a figure before a unit, and the first of a range. */
const DECIMAL = new RegExp(`\\d+\\.\\d+(?=${UNIT_SPACE}| (?:to|by|×) \\d+(?:\\.\\d+)?${UNIT_SPACE})`, 'g')

/** A text with its figures in the units of a garden, written as its region writes them: `Move 0.4 m right`, `0,4 m` or `1′ 4″`. */
export function inUnits(text: string, units: Units, region: Region = 'GB'): string {
  if (!text.includes(UNIT_SPACE)) return text
  if (units === 'metric')
    return text
      .replace(DECIMAL, (figure) => withDecimalSign(figure, region))
      .replaceAll(`${UNIT_SPACE}${DRY_LITRE}`, ' L')
      .replaceAll(UNIT_SPACE, ' ')
  return text
    .replace(RANGE, `$1${UNIT_SPACE}$4 $2 $3${UNIT_SPACE}$4`)
    .replace(FIGURE, (_, sign: string, figure: string, unit: string) => {
      const n = Number(figure) * (sign ? -1 : 1)
      return IMPERIAL[unit]!(n, region)
    })
}
