import type { Shape } from './shape'

export const turnsOf = (drift: Pick<Drift, 'turns'>): readonly Turn[] => drift.turns ?? []

export const MIX_WAYS = ['matrix', 'threes', 'turns'] as const
export type MixWay = (typeof MIX_WAYS)[number]
/**
 * Kinds that share a drift's place with its own: as a matrix (its own kind all through, the others spread evenly in it), in threes, or by
 * turns. Shares are of the drift's plants, each above 0, together below 1; the rest is the drift's own kind.
 */
export interface Mix {
  readonly how: MixWay
  readonly others: readonly { readonly plantId: string; readonly share: number }[]
}
/** An end of a stay: a day of the calendar as `05-20`, or so many days after a frost (before it negative). */
export type StayDay = { readonly on: string } | { readonly frost: 'last' | 'first'; readonly days: number }
/** From a day to a day of each year; over the new year where it ends earlier than it begins. */
export interface Stay {
  readonly from: StayDay
  readonly to: StayDay
}
/** Another kind in the places of a drift for a part of the year: each year, or in one year only, counted from the bed's planting. */
export interface Turn extends Stay {
  readonly plantId: string
  readonly year: number | null
}
/** What stands in a drift's places through the year beside its own kind. */
interface DriftTimes {
  /** When its own kinds stand; all the year when null or left out. */
  readonly stay?: Stay | null | undefined
  readonly turns?: readonly Turn[] | null | undefined
  /** The year in which it is planted, counted from the bed's first; 0 when left out. */
  readonly plantedYear?: number | null | undefined
  /** The drift by whose division its plants come to be: they are not bought. */
  readonly dividedFrom?: string | null | undefined
}
export const PATTERNS = ['mass', 'staggered', 'row', 'dotted'] as const
/** `mass` fills the lane's depth, `staggered` two rows, `row` one, `dotted` singles repeated along the bed. */
export type Pattern = (typeof PATTERNS)[number]
/** One group of one plant in one lane. `at` is the s of its middle, metres along the front edge. */
export interface Drift extends DriftTimes {
  readonly id: string
  readonly plantId: string
  /** 0 is the back lane. */
  readonly lane: number
  readonly count: number
  readonly pattern: Pattern
  readonly at: number
  /** Distance between the singles of a dotted repeat, metres on centre. */
  readonly everyM: number
  /** What it is when it is no block or repeat in its lane; null or left out otherwise. */
  readonly shape?: Shape | null | undefined
  /** Other kinds that share its place. */
  readonly mix?: Mix | null | undefined
  /** The number each plant was given when it was set, in the drift's order; 0, 1, 2 … when left out. A number is never given twice. */
  readonly numbers?: readonly number[] | null | undefined
  /** The number the next plant of the drift gets; the count when left out. */
  readonly nextNumber?: number | null | undefined
}
/** Plants of a bed that come of dividing others of it, of a kind. */
export const dividedOf = (drifts: readonly Drift[], plantId: string): number =>
  drifts.reduce((n, d) => n + (d.dividedFrom && d.plantId === plantId ? d.count : 0), 0)
/** Whether anything of a drift depends on the time of the year or the year it is planted in. */
export const hasTimes = (drift: Drift): boolean =>
  !!drift.stay || turnsOf(drift).length > 0 || (drift.plantedYear ?? 0) > 0
