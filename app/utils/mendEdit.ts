import type { Edit } from '~~/core/edit'
import { newId } from './newId'

/** A finding's edit made ready to apply: drifts it adds get ids of their own, so that it can be mended twice. */
export function mendEdit(edit: Edit): Edit {
  if (edit.kind === 'addDrift') return { ...edit, drift: { ...edit.drift, id: newId() } }
  return edit.kind === 'all' ? { ...edit, edits: edit.edits.map(mendEdit) } : edit
}
