import { mix } from '~~/core/colour'

/** Colours of hours of sun from deep shade to full sun, by whole hours; and how they are read. */
const STOPS: readonly (readonly [number, string])[] = [
  [0, '#45546a'],
  [2, '#7d8a8c'],
  [4, '#c3b58d'],
  [6, '#edc36a'],
  [9, '#fbe7b0'],
]
export const SUN_KEY = [
  { from: 0, label: 'shade, under 2 h' },
  { from: 2, label: 'part shade, 2 to 4 h' },
  { from: 4, label: 'part sun, 4 to 6 h' },
  { from: 6, label: 'full sun, 6 h and more' },
] as const

const STEP_H = 0.25
const table: string[] = []

/** The colour of so many hours. */
export function sunColour(hours: number): string {
  const i = Math.max(0, Math.round(hours / STEP_H))
  return (table[i] ??= at(i * STEP_H))
}

function at(hours: number): string {
  const k = STOPS.findIndex(([h]) => hours < h)
  if (k <= 0) return k === 0 ? STOPS[0]![1] : STOPS[STOPS.length - 1]![1]
  const [a, from] = STOPS[k - 1]!
  const [b, to] = STOPS[k]!
  return mix(from, to, (hours - a) / (b - a))
}
