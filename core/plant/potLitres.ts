/** A square pot is filled to about nine tenths of its cube. */
const FILLED = 0.9
const PLUG_L = 0.05
const CM_PER_INCH = 2.54

/** Litres of what a label counts: of a volume by itself, of a width by the cube of it. */
const OF_WIDTH = (cm: number) => (cm / 10) ** 3 * FILLED
const UNITS: readonly (readonly [RegExp, (n: number) => number])[] = [
  [/(\d+(?:[.,]\d+)?)\s*(?:gal(?:lon)?s?)\b/, (n) => n * 3.785],
  [/(\d+(?:[.,]\d+)?)\s*(?:qts?|quarts?)\b/, (n) => n * 0.946],
  [/(\d+(?:[.,]\d+)?)\s*(?:pints?|pt)\b/, (n) => n * 0.473],
  [/(\d+(?:[.,]\d+)?)\s*(?:l|litres?|liters?)\b/, (n) => n],
  [/(\d+(?:[.,]\d+)?)\s*cm\b/, OF_WIDTH],
  [/(\d+(?:[.,]\d+)?)\s*mm\b/, (n) => OF_WIDTH(n / 10)],
  [/(\d+(?:[.,]\d+)?)\s*in\b/, (n) => OF_WIDTH(n * CM_PER_INCH)],
]
const PLUG = /plug|seedling|liner|module/
const WORDS: readonly (readonly [RegExp, number])[] = [
  [/^\s*gallon\b/, 3.785],
  [/^\s*quart\b/, 0.946],
]

/** The volume of the pot that a label names, litres: `2 L`, `9 cm`, `3 gal`, `quart`, `4 in`, `plug`; null when it names none. */
export function potLitres(label: string): number | null {
  const text = label.toLowerCase().replace(/(\d+)\s(\d)\/(\d)/, (_, whole, a, b) => String(Number(whole) + a / b))
  if (PLUG.test(text)) return PLUG_L
  for (const [is, litres] of UNITS) {
    const said = is.exec(text)
    if (said) return litres(Number(said[1]!.replace(',', '.')))
  }
  return WORDS.find(([is]) => is.test(text))?.[1] ?? null
}
