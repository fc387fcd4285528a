import type { Bed } from './bed'
import type { BedFrame } from './frame'

/** How long and deep a bed is in words people use: along and across, a court with its paths, a pot by its width. */
export function sizeOfBed({ form }: Bed, frame: BedFrame): { readonly lengthM: number; readonly depthM: number } {
  if (form.kind === 'court') return { lengthM: form.widthM, depthM: form.depthM }
  if (form.kind === 'container') return { lengthM: form.diameterM, depthM: form.heightM }
  if (!frame.closed) return { lengthM: frame.lastX - frame.firstX, depthM: frame.depths.greatest }
  const ys = frame.outline.map((p) => p.y)
  return { lengthM: frame.lastX - frame.firstX, depthM: Math.max(...ys) - Math.min(...ys) }
}
