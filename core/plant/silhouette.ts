import type { Habit } from './plant'

/**
 * Half the width of a habit's outline as a share of half its spread, at a share `u` (0 ground, 1 top) of its height.
 * The one outline used for occlusion, screening and drawing. Source: docs/grounds/calculations, What is seen.
 */
export function halfWidthAt(habit: Habit, u: number): number {
  if (u < 0 || u > 1) return 0
  let table = TABLES.get(habit)
  if (!table)
    TABLES.set(habit, (table = Float64Array.from({ length: STEPS + 1 }, (_, i) => OUTLINES[habit](i / STEPS))))
  return table[Math.round(u * STEPS)]!
}

/** Occlusion asks for outlines hundreds of thousands of times: they are read from a table. */
const STEPS = 128
const TABLES = new Map<Habit, Float64Array>()

/** A rising side up to the shoulder, then a rounded top. */
const shouldered =
  (shoulder: number, foot: number, rise: number, power: number, top = 1) =>
  (u: number): number =>
    u < shoulder
      ? foot + rise * Math.pow(u / shoulder, power)
      : (foot + rise) * Math.sqrt(Math.max(0, 1 - ((u - shoulder) / (1 - shoulder)) ** 2 * top))

const MAT = (u: number) => Math.sqrt(1 - Math.pow(u, 3) * 0.9)

/** The outlines by their shares of height. */
const OUTLINES: Readonly<Record<Habit, (u: number) => number>> = {
  mound: (u) => Math.sqrt(1 - u * u) * (0.86 + 0.14 * Math.sqrt(u)),
  globe: (u) => Math.sqrt(Math.max(0, 1 - (2 * u - 1) ** 2 * 0.96)) * Math.min(1, 0.55 + u * 1.6),
  cone: (u) => Math.pow(1 - u, 0.8) * Math.min(1, 0.78 + u * 2),
  column: (u) => (u < 0.12 ? 0.8 + u * 1.5 : Math.pow(1 - Math.pow((u - 0.12) / 0.88, 3.2), 0.55)),
  vase: shouldered(0.6, 0.3, 0.7, 0.75, 0.94),
  fountain: shouldered(0.7, 0.22, 0.78, 0.7),
  sheaf: shouldered(0.8, 0.3, 0.6, 1, 0.9),
  spire: (u) => (u < 0.3 ? 0.85 + u * 0.5 : 1 - 0.35 * ((u - 0.3) / 0.7)),
  mat: MAT,
  trailing: MAT,
  rosette: shouldered(0.6, 0.45, 0.55, 0.5),
  fronds: shouldered(0.65, 0.25, 0.75, 0.75),
  climber: (u) => 0.55 + 0.45 * Math.sin(Math.PI * Math.min(1, u * 0.9 + 0.1)),
  tree: shouldered(0.4, 0.45, 0.55, 0.5, 0.95),
  // A little narrower at the top, so that light comes to its foot.
  clipped: (u) => (u > 0.97 ? 0.86 : 1 - 0.1 * u),
}
