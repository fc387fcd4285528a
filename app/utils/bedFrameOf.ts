import { bedFrame, type Bed, type BedFrame } from '~~/core/bed'

let last: { bed: Pick<Bed, 'form' | 'outline'>; frame: BedFrame } | null = null

/** The frame of a bed, kept while its outline and kind stay the same. */
export function bedFrameOf(bed: Bed): BedFrame {
  if (last && last.bed.form === bed.form && last.bed.outline === bed.outline) return last.frame
  last = { bed, frame: bedFrame(bed) }
  return last.frame
}
