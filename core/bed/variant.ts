import type { BedForm } from './form'

/** The kind that a repeated part of a bed has in the place of one of the planned part. */
export function variantOf(form: BedForm, part: number, plantId: string): string {
  if (form.kind !== 'court' || !form.variants) return plantId
  return form.variants.find((v) => v.part === part && v.plantId === plantId)?.withId ?? plantId
}
