import { placeIn, placingsOf } from '../bed'
import { circlePath, L, linePath, M, type Paint } from '../draw'
import type { Point } from '../geometry'
import type { WaterClass } from '../plant'
import type { WaterBed } from './waterBed'

/** Ink by want, from a dry buff to a deep pool. */
export const WATER_INKS: Readonly<Record<WaterClass, string>> = {
  dry: '#b0793a',
  average: '#4f8f8a',
  moist: '#2f6f9e',
  wet: '#3b4a94',
}
const DOT_M = 0.025

/** Drip lines of a bed over its plan (y up), all parts: rows, rings, tubes, emitters and the header; turned as the plan is. */
export function dripPaints(
  { bed, drip }: Pick<WaterBed, 'bed' | 'drip'>,
  turn: (p: Point) => Point = (p) => p,
  ink: (want: WaterClass) => string = (want) => WATER_INKS[want],
): Paint[] {
  if (!drip) return []
  return placingsOf(bed.form).flatMap((to) => {
    const up = (p: Point): Point => {
      const { x, y } = turn(placeIn(to, p))
      return { x, y: -y }
    }
    const dots = (list: readonly Point[], colour: string): Paint[] =>
      list.map((p) => ({ path: circlePath(up(p).x, up(p).y, DOT_M), fill: colour }))
    const dark = ink('wet')
    return [
      { path: linePath(drip.header.map(up), false), stroke: dark, thin: 2.4, layer: 'water header' },
      ...drip.rows.flatMap((r): Paint[] => [
        { path: linePath(r.line.map(up), false), stroke: ink(r.want), thin: 1.6, layer: 'water rows' },
        ...dots(r.emitters, ink(r.want)),
      ]),
      ...drip.spots.flatMap((s): Paint[] => {
        const [from, middle] = [up(s.from), up(s.plant)]
        const ring: Paint[] =
          s.ringM > 0
            ? [
                {
                  path: circlePath(middle.x, middle.y, s.ringM),
                  stroke: ink(s.want),
                  thin: 1.6,
                  layer: 'water rings',
                },
              ]
            : []
        return [
          {
            path: [M, from.x, from.y, L, middle.x, middle.y],
            stroke: ink(s.want),
            thin: 0.8,
            dash: [2, 2],
            layer: 'water tubes',
          },
          ...ring,
          ...dots(s.emitters, ink(s.want)),
        ]
      }),
    ]
  })
}
