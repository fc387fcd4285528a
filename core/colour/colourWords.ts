import { converter } from 'culori'

const toOklch = converter('oklch')
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

/** A colour in plain words: `dark red`, `pale yellow`, `cream`, `slate grey`. */
export function colourWords(colour: string): string {
  const c = toOklch(colour) ?? { l: 0.5, c: 0, h: 0 }
  const l = c.l
  const hue = (((c.h ?? 0) % 360) + 360) % 360
  if (c.c < 0.02)
    return l > 0.95 ? 'white' : l > 0.75 ? 'pale grey' : l > 0.45 ? 'grey' : l > 0.25 ? 'slate' : 'black'
  if (l > 0.9 && c.c < 0.08 && hue > 55 && hue < 120) return 'cream'
  if (l > 0.93 && c.c < 0.05) return 'white'
  if (c.c < 0.05 && hue > 120 && hue < 220) return l > 0.55 ? 'silver' : 'grey green'
  if (c.c < 0.045) return l > 0.6 ? 'pale grey' : l > 0.35 ? 'slate grey' : 'near black'
  if (c.c < 0.1 && hue > 95 && hue < 120 && l < 0.72) return l < 0.45 ? 'dark olive' : 'olive'
  if (l < 0.62 && hue > 30 && hue < 95 && c.c < 0.1) return l < 0.38 ? 'dark brown' : 'brown'
  if (l < 0.45 && (hue < 25 || hue > 325)) return 'plum'
  const name = HUES.find(([to]) => hue < to)![1]
  const tone =
    l > 0.82 && name !== 'yellow' && name !== 'lime' && name !== 'amber'
      ? 'pale '
      : l < 0.42
        ? 'dark '
        : c.c < 0.09
          ? 'soft '
          : ''
  return `${tone}${name}`
}

/** Whether a colour reads as plain green leaf: greens are free in every theme. */
export function isGreen(colour: string): boolean {
  const c = toOklch(colour)
  const hue = (((c?.h ?? 0) % 360) + 360) % 360
  return !!c && c.c > 0.02 && hue > (c.c < 0.1 ? 95 : 108) && hue < 175 && c.l < 0.82
}
