import { parseLength, type Units } from '../../measure'

/** A length or a range of lengths in a text, and where it stands. Metres; both ends the same when one figure was given. */
export interface LengthSaid {
  readonly start: number
  readonly end: number
  readonly leastM: number
  readonly mostM: number
  /** Whether a unit was written; without one the garden's is taken, and it is to be looked at. */
  readonly hasUnit: boolean
}

const VULGAR = '½¼¾⅓⅔⅛⅜⅝⅞'
const NUMBER = String.raw`(?:\d+[\s-]\d\/\d|\d+\s?[${VULGAR}]|[${VULGAR}]|\d+\/\d+|\d+(?:[.,]\d+)?)`
const FEET = String.raw`(?:feet|foot|ft\.?|['’′])`
const INCH = String.raw`(?:inches|inch|in\.?|["”″]|'')`
const METRIC = String.raw`(?:centimet(?:er|re)s?|met(?:er|re)s?|mm|cm|m)`
const UNIT = String.raw`(?:${FEET}|${INCH}|${METRIC})`
const ONE = String.raw`(?:${NUMBER}\s*-?${FEET}\s*${NUMBER}\s*${INCH}|${NUMBER}(?:\s*-?${UNIT}(?![\p{L}]))?)`
const SPAN = new RegExp(
  String.raw`(?:(?<![\p{L}\d#.,/])|(?<=\d[x×X]))(?<a>${ONE})(?:\s*(?:-|–|—|to|bis|à|or)\s*(?<b>${ONE}))?(?![\d]|[.,]\d)`,
  'giu',
)
const ENDS_IN_UNIT = new RegExp(String.raw`${UNIT}$`, 'iu')
const THIRDS: Readonly<Record<string, string>> = { '⅓': ' 1/3', '⅔': ' 2/3' }

const plain = (text: string) =>
  text
    .replace(/centimet(?:er|re)s?/gi, 'cm')
    .replace(/(\d)[\s-](\d\/\d)/g, '$1 $2')
    .replace(/(\d)\s*-\s*(?=[a-z'"’”′″])/gi, '$1 ')
    .replace(/[⅓⅔]/g, (c) => THIRDS[c]!)

/**
 * All lengths and ranges of a text: `6-8 ft`, `18 to 24"`, `5' 6"`, `1½ ft`, `60–80 cm`, `1,2 m`. A range may name its unit once.
 * Bare figures
 * are taken in the unit `bare`: `units` of the garden, or one that a heading names; null leaves them out.
 */
export function lengthsIn(text: string, bare: Units | 'cm' | 'in' | null): LengthSaid[] {
  return [...text.matchAll(SPAN)].flatMap((match) => {
    const { a = '', b } = match.groups ?? {}
    const unit = [b, a].map((t) => ENDS_IN_UNIT.exec(t?.trim() ?? '')?.[0]).find(Boolean)
    if (!unit && bare === null) return []
    const read = (one: string): number | null => {
      const own = ENDS_IN_UNIT.test(one.trim())
        ? one
        : `${one} ${unit ?? (bare === 'cm' || bare === 'in' ? bare : '')}`
      const metres = parseLength(plain(own), bare === 'imperial' ? 'imperial' : 'metric')
      return metres.ok ? metres.value : null
    }
    const ends = [read(a), b === undefined ? read(a) : read(b)]
    if (ends.some((m) => m === null || m <= 0)) return []
    const [leastM, mostM] = (ends as number[]).sort((x, y) => x - y) as [number, number]
    const start = match.index ?? 0
    return [{ start, end: start + match[0].length, leastM, mostM, hasUnit: unit !== undefined }]
  })
}
