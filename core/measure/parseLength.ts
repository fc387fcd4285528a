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
const NUMBER = String.raw`(\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)`
const TERM = new RegExp(
  `^\\s*${NUMBER}\\s*(mm|cm|metres|metre|meters|meter|m|'|ft\\.?|feet|foot|"|inches|inch|in\\.?|yd)?`,
  'i',
)

export interface LengthLimits {
  readonly minM?: number
  readonly maxM?: number
  /** What the figure is for, used in messages: "depth". */
  readonly name?: string
}

/**
 * Reads a length as people write it: `14' 6"`, `14ft 6 1/2in`, `4.42 m`, `2,6`, `450 mm`. A bare number is in metres or feet
 * after `units`; a bare number that follows feet is inches. Returns metres, or a message that says what was expected.
 */
export function parseLength(text: string, units: Units = 'metric', limits: LengthLimits = {}): Result<number> {
  const name = limits.name ?? 'length'
  const expected =
    units === 'metric' ? 'for example 4.42 m, 2,6 or 14\' 6"' : 'for example 14\' 6", 12.5 ft or 4.42 m'
  const clean = normalise(text)
  if (clean === '') return fail(`The ${name} is empty: type a measure, ${expected}.`)
  if (clean.startsWith('-') || clean.startsWith('−'))
    return fail(`The ${name} cannot be negative: “${shorten(text)}”. Type a measure, ${expected}.`)
  let rest = clean
  let metres = 0
  let afterFeet = false
  while (rest.trim() !== '') {
    const match = TERM.exec(rest)
    if (!match || !match[1]) return fail(`“${shorten(text)}” is not a ${name}: type a measure, ${expected}.`)
    const unit = (match[2] ?? '').toLowerCase().replace('.', '')
    const factor: number = unit ? METRES_PER[unit]! : afterFeet ? 0.0254 : units === 'metric' ? 1 : 0.3048
    metres += readNumber(match[1]) * factor
    afterFeet = factor === 0.3048
    rest = rest.slice(match[0].length).replace(/^\s*,\s+/, ' ')
  }
  return checkRange(metres, text, name, limits)
}

function checkRange(
  metres: number,
  text: string,
  name: string,
  { minM = 0, maxM = 500 }: LengthLimits,
): Result<number> {
  if (!Number.isFinite(metres)) return fail(`“${shorten(text)}” is not a ${name}.`)
  if (metres < minM)
    return fail(`The ${name} must be at least ${trim(minM)} m; “${shorten(text)}” is ${trim(metres)} m.`)
  if (metres > maxM)
    return fail(
      `The ${name} can be at most ${trim(maxM)} m; “${shorten(text)}” is ${trim(metres)} m. Check the unit.`,
    )
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
