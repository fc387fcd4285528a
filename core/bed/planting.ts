import type { Drift, Existing, Turn } from '../model'

export const turnsOf = (drift: Pick<Drift, 'turns'>): readonly Turn[] => drift.turns ?? []
/** Plants of a bed that come of dividing others of it, of a kind. */
export const dividedOf = (drifts: readonly Drift[], plantId: string): number =>
  drifts.reduce((n, d) => n + (d.dividedFrom && d.plantId === plantId ? d.count : 0), 0)
/** Whether anything of a drift depends on the time of the year or the year it is planted in. */
export const hasTimes = (drift: Drift): boolean =>
  !!drift.stay || turnsOf(drift).length > 0 || (drift.plantedYear ?? 0) > 0

/** Whether what stands there keeps its place. A moved plant and one taken out leave it free. */
export const keepsPlace = (e: Existing): boolean =>
  e.fate === 'keep' || e.fate === 'divide' || e.fate === 'cut-back' || e.fate === 'reserve'
/** Plants that a fate frees for use again: one moved, all divisions but the one that stays. */
export function freedBy({ fate, into }: Existing): number {
  if (fate === 'move') return 1
  return fate === 'divide' ? Math.max(0, into - 1) : 0
}
