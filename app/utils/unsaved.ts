import type { Bed } from '~~/core/bed'
import { bedSchema } from '~~/shared/bedSchema'

interface Unsaved { readonly revision: number; readonly bed: Bed }

const keyOf = (bedId: string) => `amber-terrace.unsaved.${bedId}`

/** Keeps an edit in the browser until the server has answered, so that a closed tab loses nothing. */
export function keepUnsaved(bedId: string, unsaved: Unsaved) {
  try {
    localStorage.setItem(keyOf(bedId), JSON.stringify(unsaved))
  } catch {
    // A full or forbidden storage must not stop the work; the edit is still in memory.
  }
}

export function dropUnsaved(bedId: string) {
  try {
    localStorage.removeItem(keyOf(bedId))
  } catch {
    // See keepUnsaved.
  }
}

/** What an earlier visit could not save, if it still reads as a bed. */
export function readUnsaved(bedId: string): Unsaved | null {
  try {
    const value = JSON.parse(localStorage.getItem(keyOf(bedId)) ?? 'null') as { revision?: unknown; bed?: unknown } | null
    const bed = bedSchema.safeParse(value?.bed)
    return bed.success && typeof value?.revision === 'number' ? { revision: value.revision, bed: bed.data } : null
  } catch {
    return null
  }
}
