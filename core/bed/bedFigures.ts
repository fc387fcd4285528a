import type { Bed } from '../model'
import type { BedFrame } from './frame'
import { placingsOf } from './placings'

/** What a whole bed measures, repeated parts included. */
interface BedFigures {
  readonly areaM2: number
  readonly edgeM: number
  readonly soilM3: number
  readonly soilDepthM: number
  readonly fillKg: number | null
}

const BED_SOIL_M = 0.3
/** A pot is narrower at its foot, and not filled to the brim. */
const POT_SHARE = 0.75
/** Wet potting soil with its plants. Source: 0.9 to 1.1 kg a litre. */
const KG_PER_LITRE = 1

/**
 * Area, length of the edge that is cut or edged, and volume of soil: 0.3 m deep in a bed, what a pot holds in a
 * pot. Source: docs/grounds/calculations, Materials, water, work, money.
 */
export function bedFigures(bed: Bed, frame: BedFrame): BedFigures {
  const parts = placingsOf(bed.form).length
  if (bed.form.kind === 'container') {
    const each = Math.PI * (bed.form.diameterM / 2) ** 2 * bed.form.heightM * POT_SHARE
    return {
      areaM2: frame.areaM2 * parts,
      edgeM: frame.frontLength * parts,
      soilM3: each * parts,
      soilDepthM: bed.form.heightM,
      fillKg: each * 1000 * KG_PER_LITRE,
    }
  }
  const edgeM = (bed.form.kind === 'two-sided' ? frame.frontLength + frame.back.length : frame.frontLength) * parts
  return {
    areaM2: frame.areaM2 * parts,
    edgeM,
    soilM3: frame.areaM2 * parts * BED_SOIL_M,
    soilDepthM: BED_SOIL_M,
    fillKg: null,
  }
}
