import type { Meant } from './meant'

/** To make room or find it a plant moves at most this share of its spacing, a single less; what weaves so far, metres. */
const MOVES = 0.75
const SINGLE_MOVES = 0.5
const WEAVES_M = 0.35

/** How far a plant may move from where it was meant to stand, metres. */
export function boundOf({ plant, drift }: Meant, k: number): number {
  const d = k * plant.spreadM
  if (plant.spacingHabit === 'weaves') return Math.max(WEAVES_M, MOVES * d)
  return drift.count === 1 || drift.pattern === 'dotted' ? SINGLE_MOVES * d : MOVES * d
}
