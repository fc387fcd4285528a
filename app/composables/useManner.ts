import type { InjectionKey } from 'vue'
import {
  formatArea,
  formatBoth,
  formatLength,
  formatSmall,
  formatVolume,
  formatWeight,
  mannerOf,
  PLAIN_MANNER,
  say as sayIn,
  sayDay,
  sayMoney,
  sayMonthDay,
  sayNumber,
  sayTime,
  sayWeekday,
  toFahrenheit,
  type Manner,
} from '~~/core/measure'

/** The manner of a page that is not about the garden that is open: on site, shown to a client. */
export const MANNER: InjectionKey<Ref<Manner>> = Symbol('manner')

/** How the garden that is open writes figures, days and money: texts of the core by `say`, the rest by what it is. */
export function useManner() {
  const store = useBedStore()
  const given = hasInjectionContext() ? inject(MANNER, null) : null
  const manner = computed(() => given?.value ?? (store.garden ? mannerOf(store.garden.value) : PLAIN_MANNER))
  const units = computed(() => manner.value.units)
  const region = computed(() => manner.value.region)
  return {
    manner,
    units,
    region,
    say: (text: string) => sayIn(text, manner.value),
    length: (m: number, decimals = 2) => formatLength(m, units.value, decimals, region.value),
    both: (m: number) => formatBoth(m, units.value, region.value),
    small: (m: number) => formatSmall(m, units.value, region.value),
    area: (m2: number) => formatArea(m2, units.value, region.value),
    volume: (m3: number) => formatVolume(m3, units.value, region.value),
    weight: (kg: number) => formatWeight(kg, units.value, region.value),
    /** A figure with at most (and, when asked for, at least) so many decimals. */
    figure: (n: number, most = 1, least = 0) => sayNumber(n, region.value, most, least),
    money: (n: number, currency: string) => sayMoney(n, currency, region.value),
    dayWords: (day: string) => sayDay(day, region.value),
    /** `05-08` as people say it: 8 May. */
    monthDay: (monthDay: string) => sayMonthDay(monthDay, region.value),
    timeOf: (at: string, finest: 'minute' | 'second' = 'minute') => sayTime(at, region.value, finest),
    weekdayOf: (at: string) => sayWeekday(at, region.value),
    /** A temperature as a forecast writes it, without the letter of its scale. */
    degrees: (celsius: number) => `${Math.round(units.value === 'metric' ? celsius : toFahrenheit(celsius))}°`,
  }
}
