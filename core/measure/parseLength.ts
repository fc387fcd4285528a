import { fail, ok, type Result } from '../result'

export type Units = 'metric' | 'imperial'

const METRES_PER: Readonly<Record<string, number>> = {
  mm: 0.001,
  cm: 0.01,
  m: 1,
  metre: 1,
  metres: 1,
  meter: 1,
  meters: 1,
  "'": 0.3048,
  ft: 0.3048,
  foot: 0.3048,
  feet: 0.3048,
  '"': 0.0254,
  in: 0.0254,
  inch: 0.0254,
  inches: 0.0254,
  yd: 0.9144,
  yds: 0.9144,
  yard: 0.9144,
  yards: 0.9144,
}
const VULGAR: Readonly<Record<string, string>> = {
  '½': ' 1/2',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
}
const UNIT = String.raw`mm|cm|metres|metre|meters|meter|m|'|ft\.?|feet|foot|"|inches|inch|in\.?|yards|yard|yds|yd`
/** A number and what follows it up to the next one: a fraction, a decimal with a point or a comma, or a whole number. */
const TERM = new RegExp(
  String.raw`^\s*(?<number>\d+\s+\d+\/\d+|\d+\/\d+|\d*[.,]\d+|\d+)(?![\d.,/]*[\d])\s*(?<unit>${UNIT})?(?![a-z])`,
  'i',
)
const INCH = 0.0254
const FOOT = 0.3048

interface LengthLimits {
  readonly minM?: number
  readonly maxM?: number
  /** What the figure is for, used in messages: "depth". */
  readonly name?: string
}

/**
 * Reads a length as people write it: `14' 6"`, `14ft 6 1/2in`, `4.42 m`, `2,6`, `450 mm`. A bare number is in metres or feet
 * after `units`; a bare number that follows feet is inches. What can be read in two ways (`12 6`, `1 m 20`, `1,250 mm`) is asked back.
 * Returns metres, or a message that says what was expected.
 */
export function parseLength(text: string, units: Units = 'metric', limits: LengthLimits = {}): Result<number> {
  const name = limits.name ?? 'length'
  const expected = expectedIn(units)
  const clean = normalise(text)
  if (clean === '') return fail(`The ${name} is empty: type a measure, ${expected}.`)
  if (/^[-−]/.test(clean))
    return fail(`The ${name} cannot be negative: “${shorten(text)}”. Type a measure, ${expected}.`)
  const terms = termsOf(clean)
  if (!terms) return fail(`“${shorten(text)}” is not a ${name}: type a measure, ${expected}.`)
  const doubt = doubtOf(terms, units)
  if (doubt) return fail(`“${shorten(text)}” can be read in more than one way: ${doubt}`)
  const metres = terms.reduce(
    (sum, term, i) => sum + readNumber(term.number) * factorOf(term, terms[i - 1], units),
    0,
  )
  return checkRange(metres, text, name, limits)
}

const expectedIn = (units: Units) =>
  units === 'metric' ? 'for example 4.42 m, 2,6 or 14\' 6"' : 'for example 14\' 6", 12.5 ft or 4.42 m'

interface Term {
  readonly number: string
  /** Metres a unit; null when none was written. */
  readonly factor: number | null
  readonly unit: string
}

/** The numbers of a text with their units; null when something in it is neither. */
function termsOf(clean: string): Term[] | null {
  const terms: Term[] = []
  let rest = clean
  while (rest.trim() !== '') {
    const match = TERM.exec(rest)
    const number = match?.groups?.number
    if (!match || !number || /\/0+$/.test(number)) return null
    const unit = (match.groups?.unit ?? '').toLowerCase().replace('.', '')
    terms.push({ number, unit, factor: unit ? METRES_PER[unit]! : null })
    rest = rest.slice(match[0].length).replace(/^\s*,\s+/, ' ')
  }
  return terms.length > 0 ? terms : null
}

const THOUSANDS = /^(\d{1,3})([.,])(\d{3})$/

/** Whether a comma (of millimetres a point too) may part the thousands as well as the decimals: 1,250 m can only be 1.25 m here. */
function mayBeThousands({ number, factor, unit }: Term, units: Units): boolean {
  const [, , sign] = THOUSANDS.exec(number) ?? []
  if (!sign) return false
  if (sign === '.') return unit === 'mm'
  return factor === null ? units === 'imperial' : factor !== 1
}

/** What makes a text ambiguous and how to write it instead, or null when there is one way to read it. */
function doubtOf(terms: readonly Term[], units: Units): string | null {
  const grouped = terms.find((t) => mayBeThousands(t, units))
  if (grouped) {
    const [, whole, , part] = THOUSANDS.exec(grouped.number)!
    const unit = grouped.unit || 'ft'
    return `write ${whole}${part} ${unit} or ${Number(`${whole}.${part}`)} ${unit}.`
  }
  const bare = terms.findIndex((t, i) => t.factor === null && !isInches(t, terms[i - 1]))
  if (terms.length > 1 && bare >= 0) return `give each number its unit, ${expectedIn(units)}.`
  const rising = terms.findIndex((t, i) => i > 0 && sizeOf(t) >= sizeOf(terms[i - 1]!))
  return rising > 0 ? `write the larger unit first and each only once, ${expectedIn(units)}.` : null
}

/** A bare number that follows feet is inches. */
const isInches = (term: Term, before: Term | undefined) => term.factor === null && before?.factor === FOOT
const sizeOf = (term: Term) => term.factor ?? INCH

function factorOf(term: Term, before: Term | undefined, units: Units): number {
  if (term.factor !== null) return term.factor
  if (isInches(term, before)) return INCH
  return units === 'metric' ? 1 : FOOT
}

function checkRange(
  metres: number,
  text: string,
  name: string,
  { minM = 0, maxM = 500 }: LengthLimits,
): Result<number> {
  const came = `“${shorten(text)}” is ${trim(metres)} m`
  if (!Number.isFinite(metres)) return fail(`“${shorten(text)}” is not a ${name}.`)
  if (metres < minM) return fail(`The ${name} must be at least ${trim(minM)} m; ${came}.`)
  if (metres > maxM) return fail(`The ${name} can be at most ${trim(maxM)} m; ${came}. Check the unit.`)
  return ok(metres)
}

function normalise(text: string): string {
  return text
    .trim()
    .replace(/[′’‘´]/g, "'")
    .replace(/[″”“]|''/g, '"')
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (c) => VULGAR[c] ?? c)
}

function readNumber(text: string): number {
  const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text.trim())
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3])
  return Number(text.replace(',', '.'))
}

const shorten = (text: string) => (text.length > 40 ? `${text.slice(0, 40)}…` : text)
const trim = (n: number) => String(Math.round(n * 1000) / 1000)
