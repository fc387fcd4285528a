import Drawing from 'dxf-writer'
import type { Point } from '../geometry'
import { cornersOf, type ResolvedSite } from '../site'

const COLOURS: Readonly<Record<string, number>> = {
  building: 1,
  fence: 30,
  surface: 8,
  terrace: 40,
  tree: 3,
  feature: 6,
  service: 5,
  viewpoint: 2,
  target: 4,
  bed: 92,
}

/** A site as a DXF drawing in metres: a layer a kind, trees and features as circles. */
export function writeDxf(
  site: ResolvedSite,
  beds: readonly { readonly name: string; readonly outline: readonly Point[] }[],
): string {
  const drawing = new Drawing()
  drawing.setUnits('Meters')
  for (const [kind, colour] of Object.entries(COLOURS)) drawing.addLayer(kind, colour, 'CONTINUOUS')
  for (const t of site.things) {
    drawing.setActiveLayer(t.kind)
    const corners = cornersOf(t)
    if ('outline' in t)
      drawing.drawPolyline(
        corners.map((p) => [p.x, p.y]),
        true,
      )
    else if ('line' in t)
      drawing.drawPolyline(
        corners.map((p) => [p.x, p.y]),
        false,
      )
    else
      drawing.drawCircle(
        corners[0]!.x,
        corners[0]!.y,
        t.kind === 'tree' ? t.spreadM / 2 : t.kind === 'feature' ? t.widthM / 2 : 0.2,
      )
    drawing.drawText(corners[0]!.x, corners[0]!.y, 0.25, 0, plain(t.name))
  }
  drawing.setActiveLayer('bed')
  for (const bed of beds) {
    drawing.drawPolyline(
      bed.outline.map((p) => [p.x, p.y]),
      true,
    )
    drawing.drawText(bed.outline[0]!.x, bed.outline[0]!.y, 0.25, 0, plain(bed.name))
  }
  return drawing.toDxfString()
}

/** A text of one line, as DXF has it. */
const plain = (text: string) => text.replace(/[\r\n]+/g, ' ')
