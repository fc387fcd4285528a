import type { Bed, Drift } from '../model'
import { kindsOf } from '../bed'
import type { Edit } from './editSchema'

/** Edits that put one kind in the place of another, in drifts that have it as their own or in their mix: in all, or those named. */
export function swapKind(
  bed: Pick<Bed, 'drifts'>,
  plantId: string,
  withId: string,
  of?: ReadonlySet<string>,
): Edit[] {
  return bed.drifts
    .filter((d) => kindsOf(d).includes(plantId) && (!of || of.has(d.id)))
    .map((d) => ({ kind: 'changeDrift', driftId: d.id, change: swapped(d, plantId, withId) }))
}

function swapped(drift: Drift, plantId: string, withId: string): Partial<Omit<Drift, 'id'>> {
  if (!drift.mix) return { plantId: withId }
  const others = drift.mix.others.map((o) => (o.plantId === plantId ? { ...o, plantId: withId } : o))
  const own = drift.plantId === plantId ? withId : drift.plantId
  // What the mix has already is not named twice: its shares are added.
  const named = others.filter((o) => o.plantId !== own)
  const merged = named.filter((o, i) => named.findIndex((p) => p.plantId === o.plantId) === i)
  const shareOf = (id: string) => named.filter((o) => o.plantId === id).reduce((sum, o) => sum + o.share, 0)
  const mix = { ...drift.mix, others: merged.map((o) => ({ ...o, share: shareOf(o.plantId) })) }
  return { plantId: own, mix: mix.others.length > 0 ? mix : null }
}
