import { oklchOf } from './spaces'

const HUES: readonly (readonly [number, string])[] = [
  [12, 'rose'],
  [32, 'red'],
  [52, 'terracotta'],
  [72, 'orange'],
  [92, 'amber'],
  [112, 'yellow'],
  [130, 'lime'],
  [150, 'green'],
  [172, 'sea green'],
  [205, 'teal'],
  [245, 'sky blue'],
  [272, 'blue'],
  [295, 'violet'],
  [322, 'purple'],
  [345, 'magenta'],
  [361, 'rose'],
]

/** Lightness, chroma and hue (degrees). */
interface Tone {
  readonly l: number
  readonly c: number
  readonly hue: number
}

/** The first name whose lightness is passed. */
const byLightness = (l: number, steps: readonly (readonly [number, string])[], last: string): string =>
  steps.find(([over]) => l > over)?.[1] ?? last

const GREYS = [
  [0.95, 'white'],
  [0.75, 'pale grey'],
  [0.45, 'grey'],
  [0.25, 'slate'],
] as const
const NEAR_GREYS = [
  [0.6, 'pale grey'],
  [0.35, 'slate grey'],
] as const

/** Colours that have a name of their own; the first that holds is taken. */
const NAMED: readonly { readonly is: (t: Tone) => boolean; readonly say: (t: Tone) => string }[] = [
  { is: ({ c }) => c < 0.02, say: ({ l }) => byLightness(l, GREYS, 'black') },
  { is: ({ l, c, hue }) => l > 0.9 && c < 0.08 && hue > 55 && hue < 120, say: () => 'cream' },
  { is: ({ l, c }) => l > 0.93 && c < 0.05, say: () => 'white' },
  { is: ({ c, hue }) => c < 0.05 && hue > 120 && hue < 220, say: ({ l }) => (l > 0.55 ? 'silver' : 'grey green') },
  {
    is: ({ l, c }) => l > 0.86 && c < 0.045,
    say: ({ hue }) => (hue < 70 || hue > 320 ? 'blush white' : 'off-white'),
  },
  { is: ({ c }) => c < 0.045, say: ({ l }) => byLightness(l, NEAR_GREYS, 'near black') },
  {
    is: ({ l, c, hue }) => c < 0.1 && hue > 95 && hue < 120 && l < 0.72,
    say: ({ l }) => (l < 0.45 ? 'dark olive' : 'olive'),
  },
  {
    is: ({ l, c, hue }) => l < 0.62 && hue > 30 && hue < 95 && c < 0.1,
    say: ({ l }) => (l < 0.38 ? 'dark brown' : 'brown'),
  },
  { is: ({ l, hue }) => l < 0.45 && (hue < 25 || hue > 325), say: () => 'plum' },
]
/** Hues that are pale by nature. */
const PALE_ANYWAY = new Set(['yellow', 'lime', 'amber'])

function toneOf({ l, c }: Tone, name: string): string {
  if (l > 0.82 && !PALE_ANYWAY.has(name)) return 'pale '
  if (l < 0.42) return 'dark '
  return c < 0.09 ? 'soft ' : ''
}

/** A colour in plain words: `dark red`, `pale yellow`, `cream`, `slate grey`. */
export function colourWords(colour: string): string {
  const { l, c, h } = oklchOf(colour) ?? { l: 0.5, c: 0, h: 0 }
  const tone = { l, c, hue: (((h ?? 0) % 360) + 360) % 360 }
  const named = NAMED.find(({ is }) => is(tone))
  if (named) return named.say(tone)
  const name = HUES.find(([to]) => tone.hue < to)![1]
  return `${toneOf(tone, name)}${name}`
}

/** Whether a colour reads as plain green leaf: greens are free in every theme. */
export function isGreen(colour: string): boolean {
  const c = oklchOf(colour)
  const hue = (((c?.h ?? 0) % 360) + 360) % 360
  return !!c && c.c > 0.02 && hue > (c.c < 0.1 ? 95 : 108) && hue < 175 && c.l < 0.82
}
