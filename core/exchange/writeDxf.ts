import { bedsOnSitePaints, PRINT_PALETTE, siteGroundPaints, siteThingPaints, type Paint } from '../draw'
import type { Point } from '../geometry'
import type { ResolvedSite } from '../site'
import { writePaintsAsDxf } from './dxfPen'

export interface NamedOutline {
  readonly name: string
  readonly outline: readonly Point[]
}

/** Points per metre at 1 : 50. */
const PER_M = 56.7

/** A site and its beds as they are drawn on the plan. */
export function sitePaints(site: ResolvedSite, beds: readonly NamedOutline[]): Paint[] {
  const standing = siteThingPaints(site.things)
  const outlines = beds.map(({ name, outline }) => ({ name, outlines: [outline], current: false }))
  return [
    ...siteGroundPaints(site.things),
    ...bedsOnSitePaints(outlines, standing, PRINT_PALETTE, false, PER_M),
    ...standing,
  ]
}

/** A site as a DXF drawing in metres: a layer a kind, trees and features as circles. */
export const writeDxf = (site: ResolvedSite, beds: readonly NamedOutline[]): string =>
  writePaintsAsDxf(sitePaints(site, beds))
