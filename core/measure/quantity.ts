import { BAR_PER_PSI, toFahrenheit } from './inUnits'
import type { Units } from './parseLength'

/** Units in which figures other than lengths are kept and, in a metric garden, typed. */
export type QuantityUnit = 'L' | 'L/h' | 'mm' | 'cm' | '°C' | 'bar'

const IMPERIAL: Readonly<Record<QuantityUnit, { readonly unit: string; readonly per: number }>> = {
  L: { unit: 'gal', per: 3.785411784 },
  'L/h': { unit: 'gal/h', per: 3.785411784 },
  mm: { unit: 'in', per: 25.4 },
  cm: { unit: 'in', per: 2.54 },
  '°C': { unit: '°F', per: 5 / 9 },
  bar: { unit: 'psi', per: BAR_PER_PSI },
}
const DIGITS = 100
const round = (n: number) => Math.round(n * DIGITS) / DIGITS

/** The unit in which a garden types what is kept in `unit`. */
export const typedUnit = (unit: QuantityUnit, units: Units): string =>
  units === 'metric' ? unit : IMPERIAL[unit].unit

/** What is kept in `unit` as it stands in its box, to two decimals. */
export function typedFigure(kept: number, unit: QuantityUnit, units: Units): number {
  if (units === 'metric') return kept
  return round(unit === '°C' ? toFahrenheit(kept) : kept / IMPERIAL[unit].per)
}

/** What is typed in the garden's unit as it is kept, in `unit`; what nobody changed stays just as it was kept. */
export function keptFigure(typed: number, unit: QuantityUnit, units: Units, before: number): number {
  if (units === 'metric') return typed
  if (typed === typedFigure(before, unit, units)) return before
  return unit === '°C' ? ((typed - toFahrenheit(0)) * 5) / 9 : typed * IMPERIAL[unit].per
}
