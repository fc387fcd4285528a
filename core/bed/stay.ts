import type { Drift } from './bed'

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
export interface DriftTimes {
  /** When its own kinds stand; all the year when null or left out. */
  readonly stay?: Stay | null | undefined
  readonly turns?: readonly Turn[] | null | undefined
  /** The year in which it is planted, counted from the bed's first; 0 when left out. */
  readonly plantedYear?: number | null | undefined
  /** The drift by whose division its plants come to be: they are not bought. */
  readonly dividedFrom?: string | null | undefined
}

/** Plants of a bed that come of dividing others of it, of a kind. */
export const dividedOf = (drifts: readonly Drift[], plantId: string): number =>
  drifts.reduce((n, d) => n + (d.dividedFrom && d.plantId === plantId ? d.count : 0), 0)

export const turnsOf = (drift: Pick<Drift, 'turns'>): readonly Turn[] => drift.turns ?? []

/** Whether anything of a drift depends on the time of the year or the year it is planted in. */
export const hasTimes = (drift: Drift): boolean =>
  !!drift.stay || turnsOf(drift).length > 0 || (drift.plantedYear ?? 0) > 0
