import type { Turn, Drift } from '../model'

export const turnsOf = (drift: Pick<Drift, 'turns'>): readonly Turn[] => drift.turns ?? []
/** Plants of a bed that come of dividing others of it, of a kind. */
export const dividedOf = (drifts: readonly Drift[], plantId: string): number =>
  drifts.reduce((n, d) => n + (d.dividedFrom && d.plantId === plantId ? d.count : 0), 0)
/** Whether anything of a drift depends on the time of the year or the year it is planted in. */
export const hasTimes = (drift: Drift): boolean =>
  !!drift.stay || turnsOf(drift).length > 0 || (drift.plantedYear ?? 0) > 0
