import type { PlaceMonth } from '../time'
import { deltaE } from './colour'
import { colourWords } from './colourWords'
import { clampChroma, formatHex, oklchOf } from './spaces'

export const HARMONIES = [
  'neighbours',
  'opposites',
  'three-way',
  'one-colour',
  'gradient',
  'spring-to-autumn',
] as const
export type Harmony = (typeof HARMONIES)[number]

/** A colour of a theme and the months in which it is wanted (none: all). */
export interface ThemeColour {
  readonly colour: string
  readonly months: readonly PlaceMonth[]
}
/** What a garden's colours are: the backdrop they start from, and about three colours that answer it. */
export interface Theme {
  readonly harmony: Harmony
  readonly base: string
  readonly colours: readonly ThemeColour[]
}

export const HARMONY_WORDS: Readonly<Record<Harmony, { readonly name: string; readonly how: string }>> = {
  neighbours: { name: 'Near neighbours', how: 'hues within 40° of the backdrop: calm, held together' },
  opposites: { name: 'Opposites', how: 'the hue across the wheel and its softer kin: the loudest pair' },
  'three-way': { name: 'Three ways', how: 'three hues a third of the wheel apart, one of them kept small' },
  'one-colour': { name: 'One colour and green', how: 'one hue from pale to deep; the leaves do the rest' },
  gradient: { name: 'A gradient along the bed', how: 'from one hue to another by even steps' },
  'spring-to-autumn': {
    name: 'Pale spring to rich autumn',
    how: 'light and cool in spring, deep and warm in autumn',
  },
}

/** Base materials to start from, as a building shows them. */
export const MATERIAL_COLOURS: readonly { readonly name: string; readonly colour: string }[] = [
  { name: 'red brick', colour: '#a4573f' },
  { name: 'yellow brick', colour: '#c9a468' },
  { name: 'slate', colour: '#5b626a' },
  { name: 'sandstone', colour: '#cdb287' },
  { name: 'limestone', colour: '#d9d2c0' },
  { name: 'white render', colour: '#efeae0' },
  { name: 'ochre render', colour: '#d3a55f' },
  { name: 'dark boards', colour: '#3f3a35' },
  { name: 'silvered boards', colour: '#a39c90' },
  { name: 'granite', colour: '#8d8c8a' },
]

const SPRING = [3, 4, 5]
const SUMMER = [6, 7, 8]
const AUTUMN = [9, 10, 11]

/** A theme proposed from a backdrop by a harmony in OKLCH; flower-like lightness and chroma, in the screen's gamut. */
export function proposeTheme(base: string, harmony: Harmony): Theme {
  const c = oklchOf(base) ?? { mode: 'oklch' as const, l: 0.6, c: 0.05, h: 40 }
  // A grey backdrop has no hue worth following: it is answered as if it were warm.
  const h = c.c < 0.02 ? 40 : (c.h ?? 40)
  const at = (l: number, chroma: number, hue: number, months: readonly PlaceMonth[] = []): ThemeColour => ({
    colour: formatHex(clampChroma({ mode: 'oklch', l, c: chroma, h: ((hue % 360) + 360) % 360 }, 'oklch')),
    months,
  })
  const cream = at(0.94, 0.035, 90)
  switch (harmony) {
    case 'neighbours':
      return { harmony, base, colours: [at(0.45, 0.1, h - 30), at(0.72, 0.12, h + 35), cream] }
    case 'opposites':
      return { harmony, base, colours: [at(0.62, 0.12, h + 180), at(0.8, 0.07, h + 180), at(0.72, 0.13, h + 20)] }
    case 'three-way':
      return { harmony, base, colours: [at(0.66, 0.12, h + 120), at(0.6, 0.12, h + 240), cream] }
    case 'one-colour':
      return { harmony, base, colours: [at(0.9, 0.05, h + 180), at(0.68, 0.11, h + 180), at(0.45, 0.12, h + 180)] }
    case 'gradient':
      return {
        harmony,
        base,
        colours: [0, 1, 2, 3].map((i) => at(0.88 - i * 0.13, 0.06 + i * 0.02, h + 180 + i * 35)),
      }
    case 'spring-to-autumn':
      return {
        harmony,
        base,
        colours: [
          at(0.93, 0.045, 105, SPRING),
          at(0.78, 0.08, 275, [...SPRING, ...SUMMER]),
          at(0.68, 0.13, 350, SUMMER),
          at(0.6, 0.13, 55, AUTUMN),
          at(0.42, 0.12, 15, AUTUMN),
        ],
      }
  }
}

/**
 * The theme colour nearest to a colour in a month, and how far it lies; colours not wanted in that month do not
 * count. Null for a theme without colours then.
 */
export function nearestOf(
  theme: Theme,
  colour: string,
  month: PlaceMonth,
): { readonly colour: string; readonly distance: number; readonly words: string } | null {
  const wanted = theme.colours.filter((t) => t.months.length === 0 || t.months.includes(month))
  if (wanted.length === 0) return null
  return wanted
    .map((t) => ({ colour: t.colour, distance: deltaE(t.colour, colour), words: colourWords(t.colour) }))
    .reduce((a, b) => (b.distance < a.distance ? b : a))
}
