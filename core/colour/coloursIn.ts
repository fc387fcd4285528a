import { lighten, mix } from './colour'

/** Colours of flowers and leaves as labels and lists say them, `#rrggbb`. Several words for one hue stand in one line. */
const HEX_OF: readonly (readonly [string, string])[] = [
  ['white weiß weiss blanc blanco bianco wit', '#f8f7f2'],
  ['ivory', '#f4efd9'],
  ['cream creamy crème', '#f3e9c3'],
  ['primrose', '#f2e98d'],
  ['lemon', '#f1e34c'],
  ['yellow gelb jaune amarillo giallo geel', '#f0d333'],
  ['butter buttery', '#f5e38a'],
  ['gold golden goldgelb', '#e5b52b'],
  ['mustard ochre ocher', '#c9992e'],
  ['amber', '#e2a130'],
  ['apricot', '#f2b27e'],
  ['peach peachy', '#f4b795'],
  ['salmon lachs', '#ef8f7b'],
  ['coral', '#ee7864'],
  ['orange', '#ea8a2c'],
  ['tangerine', '#ec7a24'],
  ['copper coppery', '#b2683c'],
  ['bronze', '#8a5f3a'],
  ['rust russet', '#a9512c'],
  ['terracotta', '#c4674a'],
  ['brick', '#a5452f'],
  ['scarlet vermilion', '#d8341f'],
  ['red rot rouge rojo rosso rood', '#c5282f'],
  ['crimson carmine', '#b01f3f'],
  ['ruby', '#9d1f42'],
  ['cherry', '#c02848'],
  ['burgundy wine maroon claret oxblood', '#6d1f35'],
  ['mahogany', '#5e2a23'],
  ['chocolate', '#4a2b25'],
  ['brown braun brun', '#7a5537'],
  ['tan beige buff', '#d7bd93'],
  ['pink', '#e88cae'],
  ['blush', '#f5d5d8'],
  ['rose', '#e27fa2'],
  ['slate', '#6d7480'],
  ['raspberry', '#b8275f'],
  ['cerise fuchsia', '#cf2f7d'],
  ['magenta', '#b92b86'],
  ['mauve', '#b78bbd'],
  ['orchid', '#c27cc4'],
  ['lilac flieder', '#bf9fd0'],
  ['lavender lavendel', '#a896d6'],
  ['periwinkle', '#8b93dc'],
  ['purple lila pourpre violett', '#7a3f93'],
  ['violet', '#6a4bb0'],
  ['plum', '#5d2b52'],
  ['amethyst', '#9365c0'],
  ['indigo', '#40389b'],
  ['blue blau bleu azul blu blauw', '#4d6fd0'],
  ['navy', '#2b3575'],
  ['cobalt', '#2f52b8'],
  ['sky azure', '#8fb9e8'],
  ['turquoise teal', '#3f9aa3'],
  ['steel', '#7d91ad'],
  ['silver silvery', '#c3c8c4'],
  ['grey gray grau gris', '#a3a8a4'],
  ['lime chartreuse acid', '#c9d84a'],
  ['green grün gruen vert verde', '#7fa653'],
  ['olive', '#8a8a4a'],
  ['black schwarz noir ebony', '#2a1c22'],
]
/** Names of two words, a hue of their own. */
const PAIRS: readonly (readonly [string, string])[] = [
  ['near black', '#33212b'],
  ['near white', '#f4f2ea'],
  ['off white', '#efece2'],
  ['blush white', '#f3e2e0'],
  ['sky blue', '#8fb9e8'],
  ['lavender blue', '#8f92da'],
  ['violet blue', '#5c53be'],
  ['blue violet', '#5f50bd'],
  ['steel blue', '#6f8fc0'],
  ['blue green', '#7f9f93'],
  ['blue gray', '#9fb0b6'],
  ['blue grey', '#9fb0b6'],
  ['silver gray', '#bcc2bd'],
  ['silver grey', '#bcc2bd'],
  ['gray green', '#a4b09a'],
  ['grey green', '#a4b09a'],
  ['lime green', '#c2d650'],
  ['yellow green', '#c3cf58'],
  ['gold yellow', '#eabf2f'],
  ['golden yellow', '#eabf2f'],
  ['lemon yellow', '#f1e34c'],
  ['butter yellow', '#f5e38a'],
  ['rose pink', '#e27fa2'],
  ['hot pink', '#dd3f8f'],
  ['shell pink', '#f4c9cb'],
  ['salmon pink', '#f09a92'],
  ['lilac pink', '#d79fcb'],
  ['purple pink', '#b659a0'],
  ['purple red', '#8f2556'],
  ['purple blue', '#6457b4'],
  ['red purple', '#8c2a66'],
  ['orange red', '#dc4f24'],
  ['red orange', '#dd5426'],
  ['wine red', '#6d1f35'],
  ['sea green', '#5fa38c'],
  ['slate grey', '#6d7480'],
]
const HEX = new Map([...HEX_OF.flatMap(([words, hex]) => words.split(' ').map((w) => [w, hex] as const)), ...PAIRS])

const PALER = 'pale light soft pastel hell clair'
const DEEPER = 'dark deep rich dunkel foncé'
const KEEPS = 'bright clear pure vivid brilliant true strong medium mid'
const listOf = (words: string) => words.split(' ').join('|')
const ENDING = '(?:ish|y)?'
const NAMES = [...HEX.keys()]
  .sort((a, b) => b.length - a.length)
  .map((n) => n.replace(' ', '[ -]'))
  .join('|')
const COLOUR = new RegExp(
  [
    String.raw`(?<![\p{L}])(?:(?<tone>${listOf(`${PALER} ${DEEPER} ${KEEPS}`)})[ -])?`,
    String.raw`(?:(?<leaning>[a-z]+)(?:ish|y)[ -])?(?<name>${NAMES})${ENDING}(?![\p{L}])`,
  ].join(''),
  'giu',
)
const CODE = /#[0-9a-f]{6}\b/gi

/** A colour said in a text: its words, where they stand, and the colour, `#rrggbb`. */
interface ColourSaid {
  readonly words: string
  readonly start: number
  readonly end: number
  readonly hex: string
}

/**
 * The colours that a text names, in its order: `deep pink`, `creamy white`, `lavender-blue`, `chartreuse`, `#8aa05b`; the commonest
 * words of
 * German, French, Spanish, Italian and Dutch are known too. Empty when it names none.
 */
export function coloursIn(text: string): ColourSaid[] {
  const named = [...text.matchAll(COLOUR)]
    .filter((m) => !isPlant(text, m))
    .map((m) => {
      const { tone = '', leaning = '', name = '' } = m.groups ?? {}
      const base = HEX.get(name.toLowerCase().replace('-', ' '))!
      const towards = HEX.get(leaning.toLowerCase()) ?? HEX.get(`${leaning.toLowerCase()}e`)
      return { ...placeOf(m), hex: toned(towards ? mix(base, towards, 0.35) : base, tone.toLowerCase()) }
    })
  const coded = [...text.matchAll(CODE)].map((m) => ({ ...placeOf(m), hex: m[0].toLowerCase() }))
  return [...named, ...coded].sort((a, b) => a.start - b.start)
}
/** A rose is a colour only with a tone, or where it stands alone between commas: `pale rose`, `white, rose`; `climbing rose` is none. */
function isPlant(text: string, m: RegExpMatchArray): boolean {
  const { tone, leaning, name } = m.groups ?? {}
  if (name?.toLowerCase() !== 'rose' || tone || leaning) return false
  const [before, behind] = [text.slice(0, m.index), text.slice((m.index ?? 0) + m[0].length)]
  return (
    !/(^|[,;/&:]|\b(?:and|or|to))\s*$/i.test(before) ||
    !/^\s*($|[,;/&]|\b(?:and|or|to|flowers|blooms)\b)/i.test(behind)
  )
}
const placeOf = (m: RegExpMatchArray) => ({ words: m[0], start: m.index ?? 0, end: (m.index ?? 0) + m[0].length })

function toned(hex: string, tone: string): string {
  if (PALER.split(' ').includes(tone)) return mix(hex, '#ffffff', 0.45)
  if (DEEPER.split(' ').includes(tone)) return lighten(hex, -0.12)
  return hex
}
