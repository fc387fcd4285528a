import { formatHex, oklabOf, oklchOf } from './spaces'

const NO_LAB = { mode: 'oklab' as const, l: 0.5, a: 0, b: 0 }
const NO_LCH = { mode: 'oklch' as const, l: 0, c: 0, h: 0 }
const lab = (colour: string) => oklabOf(colour) ?? NO_LAB
const lch = (colour: string) => oklchOf(colour) ?? NO_LCH

/** Difference of two colours: Euclidean in OKLab, times 100; under 7 two leaves of one texture blend. */
export function deltaE(a: string, b: string): number {
  const [p, q] = [lab(a), lab(b)]
  return Math.hypot(p.l - q.l, p.a - q.a, p.b - q.b) * 100
}

/** Colour `u` (0-1) of the way from a to b in OKLab, as `#rrggbb`. */
export function mix(a: string, b: string, u: number): string {
  const from = lab(a)
  const to = lab(b)
  return formatHex({
    mode: 'oklab',
    l: from.l + (to.l - from.l) * u,
    a: from.a + (to.a - from.a) * u,
    b: from.b + (to.b - from.b) * u,
  })
}

/** The colour with its OKLCH lightness moved by `by` (−1 to 1), chroma kept. */
export function lighten(colour: string, by: number): string {
  const c = oklchOf(colour) ?? { mode: 'oklch' as const, l: 0.5, c: 0 }
  return formatHex({ ...c, l: Math.min(0.99, Math.max(0.02, c.l + by)) })
}

/** OKLCH lightness, 0 black to 1 white. */
export const lightness = (colour: string) => lch(colour).l

/** OKLCH hue in degrees, 0 for grey. */
export const hueOf = (colour: string) => lch(colour).h ?? 0

/** OKLCH chroma, 0 for grey. */
export const saturation = (colour: string) => lch(colour).c
