import type { Habit } from './plant'

/**
 * Half the width of a habit's outline as a share of half its spread, at a share `u` (0 ground, 1 top) of its height.
 * The one outline used for occlusion, screening and drawing. Source: design/calculations, What is seen.
 */
export function halfWidthAt(habit: Habit, u: number): number {
  if (u < 0 || u > 1) return 0
  let table = TABLES.get(habit)
  if (!table)
    TABLES.set(habit, (table = Float64Array.from({ length: STEPS + 1 }, (_, i) => outline(habit, i / STEPS))))
  return table[Math.round(u * STEPS)]!
}

/** Occlusion asks for outlines hundreds of thousands of times: they are read from a table. */
const STEPS = 128
const TABLES = new Map<Habit, Float64Array>()

function outline(habit: Habit, u: number): number {
  switch (habit) {
    case 'mound':
      return Math.sqrt(1 - u * u) * (0.86 + 0.14 * Math.sqrt(u))
    case 'globe':
      return Math.sqrt(Math.max(0, 1 - (2 * u - 1) ** 2 * 0.96)) * Math.min(1, 0.55 + u * 1.6)
    case 'cone':
      return Math.pow(1 - u, 0.8) * Math.min(1, 0.78 + u * 2)
    case 'column':
      return u < 0.12 ? 0.8 + u * 1.5 : Math.pow(1 - Math.pow((u - 0.12) / 0.88, 3.2), 0.55)
    case 'vase':
      return u < 0.6
        ? 0.3 + 0.7 * Math.pow(u / 0.6, 0.75)
        : Math.sqrt(Math.max(0, 1 - ((u - 0.6) / 0.4) ** 2 * 0.94))
    case 'fountain':
      return u < 0.7 ? 0.22 + 0.78 * Math.pow(u / 0.7, 0.7) : Math.sqrt(Math.max(0, 1 - ((u - 0.7) / 0.3) ** 2))
    case 'sheaf':
      return u < 0.8 ? 0.3 + 0.6 * (u / 0.8) : 0.9 * Math.sqrt(Math.max(0, 1 - ((u - 0.8) / 0.2) ** 2 * 0.9))
    case 'spire':
      return u < 0.3 ? 0.85 + u * 0.5 : 1 - 0.35 * ((u - 0.3) / 0.7)
    case 'mat':
    case 'trailing':
      return Math.sqrt(1 - Math.pow(u, 3) * 0.9)
    case 'rosette':
      return u < 0.6 ? 0.45 + 0.55 * Math.sqrt(u / 0.6) : Math.sqrt(Math.max(0, 1 - ((u - 0.6) / 0.4) ** 2))
    case 'fronds':
      return u < 0.65
        ? 0.25 + 0.75 * Math.pow(u / 0.65, 0.75)
        : Math.sqrt(Math.max(0, 1 - ((u - 0.65) / 0.35) ** 2))
    case 'climber':
      return 0.55 + 0.45 * Math.sin(Math.PI * Math.min(1, u * 0.9 + 0.1))
    case 'tree':
      return u < 0.4 ? 0.45 + 0.55 * Math.sqrt(u / 0.4) : Math.sqrt(Math.max(0, 1 - ((u - 0.4) / 0.6) ** 2 * 0.95))
  }
}
