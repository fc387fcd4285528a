import type { Bed, BedForm } from '../model'
import { placingsOf } from './placings'
import { kindOfNumber } from './mix'
import { numbersOf } from './driftNumbers'
import { turnsOf } from './planting'

/** How many of each kind a bed holds, with all repeated parts, what is varied in them and what stands in their places by turns. */
export function plantCounts(bed: Pick<Bed, 'drifts' | 'form'>): Map<string, number> {
  const parts = placingsOf(bed.form).length
  const counts = new Map<string, number>()
  for (const drift of bed.drifts) {
    counts.set(drift.plantId, counts.get(drift.plantId) ?? 0)
    for (const n of numbersOf(drift)) {
      const kind = kindOfNumber(drift, n)
      for (let part = 0; part < parts; part++) {
        const id = variantOf(bed.form, part, kind)
        counts.set(id, (counts.get(id) ?? 0) + 1)
      }
    }
  }
  for (const drift of bed.drifts)
    for (const { plantId } of turnsOf(drift)) counts.set(plantId, (counts.get(plantId) ?? 0) + drift.count * parts)
  for (const [id, n] of counts) if (n === 0) counts.delete(id)
  return counts
}
/** The kind that a repeated part of a bed has in the place of one of the planned part. */
export function variantOf(form: BedForm, part: number, plantId: string): string {
  if (form.kind !== 'court' || !form.variants) return plantId
  return form.variants.find((v) => v.part === part && v.plantId === plantId)?.withId ?? plantId
}
