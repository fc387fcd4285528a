import { formatBoth, formatLength, inUnits } from '~~/core/measure'

/** Figures in the units of the garden that is open: texts of the core by `say`, lengths by `length` and `both`. */
export function useUnits() {
  const store = useBedStore()
  const units = computed(() => store.garden?.value.units ?? 'metric')
  const say = (text: string) => inUnits(text, units.value)
  const length = (m: number, decimals = 2) => formatLength(m, units.value, decimals)
  const both = (m: number) => formatBoth(m, units.value)
  /** A temperature as a forecast writes it, without the letter of its scale. */
  const degrees = (celsius: number) => `${Math.round(units.value === 'metric' ? celsius : (celsius * 9) / 5 + 32)}°`
  return { units, say, length, both, degrees }
}
