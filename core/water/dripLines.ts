import { placeIn, placingsOf } from '../bed'
import type { LayerLine } from '../exchange'
import type { Point } from '../geometry'
import type { WaterBed } from './waterBed'

const RING_SIDES = 24

/** The pipes of a bed as lines for drawing files, y up, all parts: a layer for rows by want, rings by want, tubes and headers. */
export function dripLines({ bed, drip }: Pick<WaterBed, 'bed' | 'drip'>): LayerLine[] {
  if (!drip) return []
  return placingsOf(bed.form).flatMap((to) => {
    const up = (p: Point): Point => {
      const { x, y } = placeIn(to, p)
      return { x, y: -y }
    }
    const ring = (at: Point, r: number) =>
      Array.from({ length: RING_SIDES }, (_, i) => {
        const a = (2 * Math.PI * i) / RING_SIDES
        return up({ x: at.x + r * Math.cos(a), y: at.y + r * Math.sin(a) })
      })
    return [
      { layer: 'water header', line: drip.header.map(up), closed: false, name: 'header' },
      ...drip.rows.map((r, i) => ({
        ...{ layer: `water rows ${r.want}`, line: r.line.map(up), closed: false },
        name: `row ${i + 1}, emitters every ${Math.round(r.emitterM * 100)}\u202fcm`,
      })),
      ...drip.spots.flatMap((s) => [
        { layer: 'water tubes', line: [up(s.from), up(s.plant)], closed: false, name: s.plant.plant.commonName },
        ...(s.ringM > 0
          ? [
              {
                ...{ layer: `water rings ${s.want}`, line: ring(s.plant, s.ringM), closed: true },
                name: `ring of ${s.emitters.length} emitters: ${s.plant.plant.commonName}`,
              },
            ]
          : []),
      ]),
    ]
  })
}
