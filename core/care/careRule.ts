import type { Climate, LibraryMonth } from '../time'
import type { Plant } from '../plant'

/** When work is done, in months of the library with their fractions (6.5: the middle of June; beyond 13: in the next year). */
export interface LibraryWindow {
  readonly opens: number
  readonly best: number
  readonly closes: number
}

/** What care goes by beside the plant: climate, how cold it gets, and what kind of place it stands in. */
export interface CareContext {
  readonly climate: Climate
  readonly zone: number
  readonly inPots: boolean
  readonly rabbits: boolean
  readonly deer: boolean
  /** Years since the plant was set, in the year looked at; 0 in its first. */
  readonly age: number
}

export const CARE_KINDS = [
  'prune',
  'clip',
  'cut down',
  'deadhead',
  'cut by half',
  'stake',
  'feed',
  'divide',
  'set out',
  'bring in',
  'lift',
  'look over in store',
  'cover',
  'uncover',
  'guard',
  'watch',
  'repot',
  'hand over',
  'mulch',
  'weed',
  'edge',
] as const
export type CareKind = (typeof CARE_KINDS)[number]

/** One kind of work: whom it is for, when, why, how long, with what. Rules are data where they can be. */
export interface CareRule {
  readonly id: string
  readonly kind: CareKind
  readonly source: string
  readonly applies: (p: Plant, at: CareContext) => boolean
  readonly windows: (p: Plant, at: CareContext) => readonly LibraryWindow[]
  readonly why: (p: Plant, at: CareContext) => string
  /** Minutes that one plant takes each time. */
  readonly minutes: (p: Plant) => number
  readonly tools: readonly string[]
}

export const WEEK = 0.23
export const FOUR_WEEKS = 0.92

const YEAR = 12

/** The months of flower as one stretch, from its beginning to its end in fractions; over the new year it passes 13. */
export function bloomOf({ flowerMonths }: Plant): { readonly from: number; readonly to: number } | null {
  if (flowerMonths.length === 0 || flowerMonths.length === YEAR) return null
  const there = new Set<LibraryMonth>(flowerMonths)
  const before = (m: number) => ((m + YEAR - 2) % YEAR) + 1
  const from = [...there].filter((m) => !there.has(before(m))).sort((a, b) => a - b)[0]!
  let to = from
  while (there.has((to % YEAR) + 1) && to < from + YEAR) to++
  return { from, to: to + 1 }
}
