import type { Bed } from '../model'
import { kindsOf } from '../bed'
import type { Edit } from './editSchema'

/** The edit that puts one kind in another's place all over a bed: drifts, mixes, varied parts of a court; null when it is not there. */
export function replaceKind(bed: Bed, plantId: string, withId: string, name: string): Edit | null {
  const swap = (id: string) => (id === plantId ? withId : id)
  const edits: Edit[] = bed.drifts.flatMap((drift): Edit[] => {
    if (!kindsOf(drift).includes(plantId)) return []
    const mix = drift.mix && {
      ...drift.mix,
      others: drift.mix.others.map((o) => ({ ...o, plantId: swap(o.plantId) })),
    }
    return [{ kind: 'changeDrift', driftId: drift.id, change: { plantId: swap(drift.plantId), mix }, alone: true }]
  })
  const varied = bed.form.kind === 'court' ? (bed.form.variants ?? []) : []
  if (bed.form.kind === 'court' && varied.some((v) => v.withId === plantId || v.plantId === plantId)) {
    const variants = varied.map((v) => ({ ...v, plantId: swap(v.plantId), withId: swap(v.withId) }))
    edits.push({ kind: 'setBed', change: { form: { ...bed.form, variants } } })
  }
  return edits.length === 0 ? null : { kind: 'all', name, edits }
}
