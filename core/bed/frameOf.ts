import type { Bed, Outline } from '../model'
import { bedFrame } from './bedFrame'
import { type BedFrame } from './frame'

/** Frames by outline, then by kind of bed: both are values that are never changed. */
const kept = new WeakMap<Outline, WeakMap<Bed['form'], BedFrame>>()

/** The frame of a bed, kept while its outline and its kind are. */
export function frameOf({ outline, form }: Pick<Bed, 'outline' | 'form'>): BedFrame {
  const forms = kept.get(outline) ?? new WeakMap<Bed['form'], BedFrame>()
  kept.set(outline, forms)
  const there = forms.get(form)
  if (there) return there
  const frame = bedFrame({ outline, form })
  forms.set(form, frame)
  return frame
}
