import type { SoldSize } from '../plant'
import type { Said } from './wordsIn'

const AMOUNT = String.raw`(?:\d{1,3}\s\d\/\d|\d{1,4}(?:[.,]\d{1,2})?)`
const HOLDER = String.raw`(?:[\s-]?(?:pots?|containers?|cans?|trays?))`
const VOLUME = 'gal(?:lon)?s?|qts?|quarts?|pints?|pt|litres?|liters?|ltr?|l|pk|pack|cell'
const SIZES = [
  String.raw`#\s?\d{1,2}${HOLDER}?`,
  String.raw`(?:${AMOUNT}|\d+\/\d+)[\s-]?(?:${VOLUME})${HOLDER}?`,
  String.raw`(?:${AMOUNT})[\s-]?(?:mm|cm|in(?:ch)?\.?|["″])[\s-]?(?:pots?|containers?|plugs?)`,
  String.raw`\d{2,3}\s?mm(?=\s*[$€£])`,
  String.raw`C\s?\d{1,3}|P\s?\d{1,2}|bare[\s-]?root|plugs?|balled and burlapped|b&b`,
  String.raw`(?:quart|gallon)${HOLDER}?`,
]
const CONTAINER = new RegExp(String.raw`(?<![\p{L}\d.,])(?:${SIZES.join('|')})(?![\p{L}\d])`, 'giu')
const SIGN = String.raw`[$€£]|(?:usd|eur|gbp|cad|aud|nzd|chf|zar)\s`
const NO_UNIT = String.raw`(?!\d|\s?(?:m|cm|mm|ft|in|l|gal)\b)`
const PRICE = new RegExp(
  [
    String.raw`(?:${SIGN})\s?(?<a>\d{1,4}(?:[.,]\d{2})?)(?!\d)`,
    String.raw`(?<![\d.,#])(?<b>\d{1,4}[.,]\d{2})${NO_UNIT}\s?(?:[€$£]|usd|eur|gbp)?`,
  ].join('|'),
  'giu',
)
const UNPRICED = '0'

/** The sizes that a text sells, each with the price that follows it (0 when none does): `2 gal 24.99`, `9 cm pot £4.50`, `C3 € 12,90`. */
export function soldIn(text: string): Said<readonly (SoldSize & { readonly hasPrice: boolean })[]> | null {
  const pots = [...text.matchAll(CONTAINER)]
  const prices = [...text.matchAll(PRICE)].map((m) => ({
    at: m.index ?? 0,
    end: (m.index ?? 0) + m[0].length,
    price: Number((m.groups?.a ?? m.groups?.b ?? UNPRICED).replace(',', '.')),
  }))
  if (pots.length === 0 && prices.length === 0) return null
  const value = (pots.length > 0 ? pots : [null]).map((pot, i) => {
    const [from, to] = [pot?.index ?? 0, pots[i + 1]?.index ?? text.length]
    const price =
      prices.find((p) => p.at >= from && p.at < to) ?? (pots.length === 1 || !pot ? prices[0] : undefined)
    return { label: labelOf(pot?.[0]), price: price?.price ?? 0, hasPrice: price !== undefined }
  })
  const all = [...pots.map((p) => ({ at: p.index ?? 0, end: (p.index ?? 0) + p[0].length })), ...prices]
  return { value, start: Math.min(...all.map((p) => p.at)), end: Math.max(...all.map((p) => p.end)) }
}

/** A size as price lists here write it: `2 gal`, `3 L`, `9 cm pot`. */
function labelOf(said: string | undefined): string {
  if (said === undefined) return 'pot'
  return said
    .trim()
    .replace(/^c\s?(\d+)$/i, '$1 L')
    .replace(/^p\s?(\d+)$/i, '$1 cm')
    .replace(/(?<=\S)[\s-]*(?:pots?|containers?)$/i, '')
    .replace(/(\d)\s?["″]/, '$1 in')
    .replace(/(\d)(mm|cm|in)\b/i, '$1 $2')
    .replace(/^#\s?(\d+).*$/, '$1 gal')
    .replace(/(\d),(\d)/, '$1.$2')
    .replace(/(\d)[\s-]?(?:gallons?|gals?)\b/i, '$1 gal')
    .replace(/(\d)[\s-]?(?:litres?|liters?|ltr?|l)\b/i, '$1 L')
    .replace(/(\d)[\s-]?(?:quarts?|qts?)\b/i, '$1 qt')
}

/**
 * Sizes as a form has them, one or several with `;` between: `2 gal 24.99; 9 cm`. The price is null where none is given. Null when
 * nothing reads.
 */
export function sizesIn(text: string): readonly { readonly label: string; readonly price: number | null }[] | null {
  const sizes = text.split(';').map((one) => {
    const priced = /^(.*\p{L}.*?)[\s,:@]+[$€£]?\s?(\d{1,5}(?:[.,]\d{1,2})?)\s?[€$£]?$/u.exec(one.trim())
    return priced
      ? { label: labelOf(priced[1]), price: Number(priced[2]!.replace(',', '.')) }
      : { label: /\p{L}/u.test(one) ? labelOf(one) : '', price: null }
  })
  return sizes.some((s) => s.label === '' || /[|<>]/.test(s.label)) ? null : sizes
}
