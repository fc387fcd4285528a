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

/** Months in a text, and where they stand. */
export interface MonthsSaid {
  readonly start: number
  readonly end: number
  /** Of the library's northern year. */
  readonly months: readonly LibraryMonth[]
  /** Told by a season alone, which may be that of something else than the flowers. */
  readonly isSeason: boolean
}

/**
 * Months that a text names, as the library's: `July to Sept`, `late spring to frost`, `Jun–Aug`, `all year`; with `numbers` also `6-9`. Names of
 * months are the place's (`southern` turns them), seasons are seasons everywhere.
 */
export function monthsIn(text: string, southern: boolean, numbers = false): MonthsSaid[] {
  const turned = (m: number) => (southern ? wrap(m + 6) : m)
  /** First and last month of a word; null when it is none. */
  const ends = (part: string, said: string): readonly [number, number] | null => {
    const low = said.toLowerCase()
    const month = MONTHS.findIndex((is) => is.test(low))
    if (month >= 0) return [turned(month + 1), turned(month + 1)]
    if (FROST.test(low)) return [LAST_BEFORE_FROST, LAST_BEFORE_FROST]
    const season = SEASONS.find(([is]) => is.test(low))
    if (!season) return null
    const at = ['early', 'mid', 'late'].indexOf(part.toLowerCase())
    return at < 0 ? [season[1], wrap(season[1] + SEASON_LENGTH - 1)] : [wrap(season[1] + at), wrap(season[1] + at)]
  }
  const all = ALL_YEAR.exec(text)
  if (all) return [{ start: all.index, end: all.index + all[0].length, months: between(1, 12), isSeason: true }]
  const found: MonthsSaid[] = []
  for (const m of text.matchAll(SPAN)) {
    const g = m.groups ?? {}
    const first = ends(g.part1 ?? '', g.word1 ?? '')
    if (
      !first ||
      (VERB.test(g.word1 ?? '') && !g.word2 && /^\s+[a-z]/.test(text.slice((m.index ?? 0) + m[0].length)))
    )
      continue
    if (FROST.test((g.word1 ?? '').toLowerCase())) continue
    const second = g.word2 ? ends(g.part2 ?? '', g.word2) : null
    const start = m.index ?? 0
    const isSeason = !MONTHS.some((is) => is.test((g.word1 ?? '').toLowerCase()))
    found.push({ start, end: start + m[0].length, months: between(first[0], (second ?? first)[1]), isSeason })
  }
  if (found.length > 0 || !numbers) return found
  return [...text.matchAll(NUMBERS)].map((m) => ({
    start: m.index ?? 0,
    end: (m.index ?? 0) + m[0].length,
    months: between(turned(Number(m[1])), turned(Number(m[2] ?? m[1]))),
    isSeason: false,
  }))
}
