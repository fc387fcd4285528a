import type { LibraryMonth } from '../../time'

/** Each month as labels write it, the commonest of other languages among them. */
const MONTHS: readonly RegExp[] = [
  /^(jan|january|januar|janvier|enero)$/,
  /^(feb|february|februar|f[ée]vrier|febrero)$/,
  /^(mar|march|m[äa]rz|mars|marzo|maart)$/,
  /^(apr|april|avril|abril)$/,
  /^(may|mai|mei|mayo)$/,
  /^(jun|june|juni|juin|junio)$/,
  /^(jul|july|juli|juillet|julio)$/,
  /^(aug|august|ao[uû]t|agosto|augustus)$/,
  /^(sep|sept|september|septembre|septiembre)$/,
  /^(oct|october|okt|oktober|octobre|octubre)$/,
  /^(nov|november|novembre|noviembre)$/,
  /^(dec|december|dez|dezember|d[ée]cembre|diciembre)$/,
]
const SEASONS: readonly (readonly [RegExp, number])[] = [
  [/^(spring|fr[üu]hling|fr[üu]hjahr|printemps)$/, 3],
  [/^(summer|midsummer|sommer|[ée]t[ée])$/, 6],
  [/^(autumn|fall|herbst|automne)$/, 9],
  [/^(winter|midwinter|hiver)$/, 12],
]
const FROST = /^(frost|frosts)$/
/** A verb, where no month is meant: `may reach 6 ft`. */
const VERB = /^may$/
const LAST_BEFORE_FROST = 10
const SEASON_LENGTH = 3
const WORD = String.raw`(?:(?<part@>early|mid|late)[\s-]+)?(?<word@>\p{L}{3,})\.?`
const word = (i: number) => WORD.replaceAll('@', String(i))
const SPAN = new RegExp(
  String.raw`${word(1)}(?:\s*(?:-|–|—|to|through|thru|until|till|bis|à|into|and again to|/)\s*(?:the\s+)?(?:first\s+)?${word(2)})?`,
  'giu',
)
const NUMBERS = /(?<!\d)(1[0-2]|0?[1-9])(?:\s*(?:-|–|—|to|bis|\/)\s*(1[0-2]|0?[1-9]))?(?!\d)/g
const ALL_YEAR = /year[- ]round|all year|ever-?blooming|ganzj[äa]hrig/i

const wrap = (m: number) => ((m - 1 + 24) % 12) + 1
const between = (from: number, to: number): number[] => {
  const list = [from]
  for (let m = from; m !== to;) list.push((m = (m % 12) + 1))
  return list
}
const HALF_YEAR = 6

/** Months in a text, and where they stand. */
interface MonthsSaid {
  readonly start: number
  readonly end: number
  /** Of the library's northern year. */
  readonly months: readonly LibraryMonth[]
  /** Told by a season alone, which may be that of something else than the flowers. */
  readonly isSeason: boolean
}
const isMonth = (word: string) => MONTHS.some((is) => is.test(word.toLowerCase()))

/** First and last month of a word with `early`, `mid` or `late` before it; null when it is none. */
function endsOf(
  part: string | undefined,
  word: string | undefined,
  southern: boolean,
): readonly [number, number] | null {
  const low = (word ?? '').toLowerCase()
  const month = MONTHS.findIndex((is) => is.test(low)) + 1
  if (month > 0) {
    const turned = southern ? wrap(month + HALF_YEAR) : month
    return [turned, turned]
  }
  if (FROST.test(low)) return [LAST_BEFORE_FROST, LAST_BEFORE_FROST]
  const [, from] = SEASONS.find(([is]) => is.test(low)) ?? []
  if (from === undefined) return null
  const at = ['early', 'mid', 'late'].indexOf((part ?? '').toLowerCase())
  return at < 0 ? [from, wrap(from + SEASON_LENGTH - 1)] : [wrap(from + at), wrap(from + at)]
}

/** A word, or two with `to` between, as months; null when it names none. */
function spanOf(text: string, m: RegExpMatchArray, southern: boolean): MonthsSaid | null {
  const { part1, word1 = '', part2, word2 } = m.groups ?? {}
  const start = m.index ?? 0
  const end = start + m[0].length
  if (FROST.test(word1.toLowerCase()) || (!word2 && isVerb(word1, text.slice(end)))) return null
  const first = endsOf(part1, word1, southern)
  const last = endsOf(part2, word2, southern) ?? first
  return first && last && { start, end, months: between(first[0], last[1]), isSeason: !isMonth(word1) }
}
const isVerb = (word: string, behind: string) => VERB.test(word) && /^\s+[a-z]/.test(behind)

/**
 * Months that a text names, as the library's: `July to Sept`, `late spring to frost`, `Jun–Aug`, `all year`; with `numbers` also `6-9`.
 * Names of months are the place's (`southern` turns them), seasons are seasons everywhere.
 */
export function monthsIn(text: string, southern: boolean, numbers = false): MonthsSaid[] {
  const all = ALL_YEAR.exec(text)
  if (all) return [{ start: all.index, end: all.index + all[0].length, months: between(1, 12), isSeason: true }]
  const found = [...text.matchAll(SPAN)].flatMap((m) => spanOf(text, m, southern) ?? [])
  return found.length > 0 || !numbers ? found : numbersIn(text, southern)
}

const numbersIn = (text: string, southern: boolean): MonthsSaid[] =>
  [...text.matchAll(NUMBERS)].map((m) => {
    const [from, to] = [Number(m[1]), Number(m[2] ?? m[1])].map((n) => (southern ? wrap(n + HALF_YEAR) : n))
    const start = m.index ?? 0
    return { start, end: start + m[0].length, months: between(from!, to!), isSeason: false }
  })
