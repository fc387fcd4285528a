import type { BedForm } from '../model'

/** Where a repeated part lies against the one that is planned: turned clockwise as drawn, mirrored left to right first, then moved. */

import type { Placing } from './form'
import { courtPlacings } from './court'
import type { Point } from '../geometry'

const ONE: readonly Placing[] = [{ x: 0, y: 0, turnDeg: 0, mirrored: false }]
/** The places of all parts of a bed, the planned one first. Beds that are not repeated have one. */
export function placingsOf(form: BedForm): readonly Placing[] {
  if (form.kind === 'container')
    return Array.from({ length: form.pots }, (_, i) => ({
      x: i * (form.diameterM + form.apartM),
      y: 0,
      turnDeg: 0,
      mirrored: i % 2 === 1,
    }))
  return form.kind === 'court' ? courtPlacings(form) : ONE
}
/** A place of the planned part as it lies in a repeated one. */
export function placeIn({ x, y, turnDeg, mirrored }: Placing, p: Point): Point {
  const px = mirrored ? -p.x : p.x
  const a = (turnDeg * Math.PI) / 180
  return { x: x + px * Math.cos(a) - p.y * Math.sin(a), y: y + px * Math.sin(a) + p.y * Math.cos(a) }
}
