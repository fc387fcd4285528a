import { LANGUAGE } from './language'
/**
 * Countries whose way of writing days, figures and money a garden may follow; words are English everywhere, so each is the `en-` locale
 * of that country in the Unicode locale data that the runtime carries.
 */
export const REGIONS = [
  ...(['GB', 'IE', 'US', 'CA', 'AU', 'NZ', 'ZA', 'IN'] as const),
  ...(['AT', 'BE', 'CH', 'DE', 'DK', 'FI', 'NL', 'SE', 'SI'] as const),
] as const
export type Region = (typeof REGIONS)[number]

const localeOf = (region: Region) => `${LANGUAGE}-${region}`

/** Making a formatter costs far more than using it. */
function kept<A extends (string | number)[], V>(make: (...args: A) => V): (...args: A) => V {
  const made = new Map<string, V>()
  return (...args) => {
    const key = args.join('|')
    const there = made.get(key)
    if (there !== undefined) return there
    const value = make(...args)
    made.set(key, value)
    return value
  }
}

const figures = kept(
  (region: Region, least: number, most: number) =>
    new Intl.NumberFormat(localeOf(region), { minimumFractionDigits: least, maximumFractionDigits: most }),
)
/** Asking the runtime for so little would cost a page that opens a tenth of a second. */
const COMMA: ReadonlySet<Region> = new Set(['ZA', 'AT', 'BE', 'DE', 'DK', 'FI', 'NL', 'SE', 'SI'])

/** A figure with at most so many decimals (and at least `least`): `1,250.5`, `1.250,5`. */
export const sayNumber = (n: number, region: Region, most = 3, least = 0): string =>
  figures(region, Math.min(least, most), most).format(n)

/** A figure that is written already, with a point and no grouping, with the decimal sign of a region. */
export const withDecimalSign = (figure: string, region: Region): string =>
  COMMA.has(region) ? figure.replace('.', ',') : figure

/** English of these countries has the grouping but not the money of its place in the locale data; money has no words, so theirs will do. */
const MONEY: Partial<Readonly<Record<Region, string>>> = {
  ...{ AT: 'de-AT', BE: 'nl-BE', CH: 'de-CH', DE: 'de-DE', DK: 'da-DK' },
  ...{ FI: 'fi-FI', NL: 'nl-NL', SE: 'sv-SE', SI: 'sl-SI' },
}
const CODE = /^[A-Z]{3}$/
const purses = kept(
  (region: Region, currency: string) =>
    new Intl.NumberFormat(MONEY[region] ?? localeOf(region), {
      style: 'currency',
      currency,
      currencyDisplay: 'narrowSymbol',
    }),
)

/**
 * Money: by the code of a currency as its region writes it (`£12.50`, `12,50 €`); with another word for it behind the figure, with two
 * decimals, as it was typed.
 */
export function sayMoney(n: number, currency: string, region: Region): string {
  if (CODE.test(currency)) return purses(region, currency).format(n)
  return `${sayNumber(n, region, 2, 2)} ${currency}`.trim()
}

const days = kept(
  (region: Region, style: 'year' | 'plain') =>
    new Intl.DateTimeFormat(localeOf(region), {
      day: 'numeric',
      month: 'short',
      ...(style === 'year' ? { year: 'numeric' } : {}),
      timeZone: 'UTC',
    }),
)
/** A day, `2026-05-08`, in words: `8 May 2026`, `May 8, 2026`. A text that is no day stays as it is. */
export function sayDay(day: string, region: Region): string {
  const date = new Date(`${day}T00:00:00Z`)
  return Number.isNaN(date.getTime()) ? day : days(region, 'year').format(date)
}

/** A month and day, `05-08`, in words: `8 May`, `May 8`. A text that is none stays as it is. */
export function sayMonthDay(monthDay: string, region: Region): string {
  const date = new Date(`2024-${monthDay}T00:00:00Z`)
  return Number.isNaN(date.getTime()) ? monthDay : days(region, 'plain').format(date)
}

const TIME = { hour: '2-digit', minute: '2-digit' } as const
const CLOCKS = {
  minute: TIME,
  second: { ...TIME, second: '2-digit' },
  weekday: { weekday: 'long', day: 'numeric', month: 'long' },
  moment: { day: 'numeric', month: 'long', year: 'numeric', ...TIME },
} as const
const clocks = kept(
  (region: Region, style: keyof typeof CLOCKS) => new Intl.DateTimeFormat(localeOf(region), CLOCKS[style]),
)
/** A moment, ISO, by the clock of this machine: `14:05`, `02:05 pm`; with seconds when asked. */
export const sayTime = (at: string, region: Region, finest: 'minute' | 'second' = 'minute'): string =>
  clocks(region, finest).format(new Date(at))
/** The day of a moment, by the clock of this machine: `Friday 8 May`, `Friday, May 8`. */
export const sayWeekday = (at: string, region: Region): string => clocks(region, 'weekday').format(new Date(at))
/** Day and time of a moment, by the clock of this machine: `8 May 2026 at 14:05`, `May 8, 2026 at 2:05 PM`. */
export const sayMoment = (at: string, region: Region): string => clocks(region, 'moment').format(new Date(at))

/** The region of a language tag, `en-AU`; Great Britain when it names none that is known here. */
export const regionOfTag = (tag: string): Region => {
  const named = tag.split('-').slice(1)
  return REGIONS.find((r) => named.includes(r)) ?? 'GB'
}

/** The region a garden follows when it names none: that of its units. */
export const regionOf = ({ region, units }: { readonly region?: Region; readonly units: string }): Region =>
  region ?? (units === 'imperial' ? 'US' : 'GB')
