import { UNIT_SPACE, type Units } from '../measure'
import type { Point } from '../geometry'
import { L, M, type Paint, type Words } from './path'
import { circlePath, linePath } from './paths'
import type { Palette } from './palette'

const CROSS = [M, -5, 0, L, 5, 0, M, 0, -5, L, 0, 5]

const label = (words: string, palette: Palette, dx: number, dy: number): Words => ({
  words,
  x: 0,
  y: 0,
  size: 11,
  colour: palette.ink,
  face: 'bold',
  rim: palette.card,
  dx,
  dy,
})

/** A point of the survey: a cross with its name. */
export const pointPaints = (name: string, at: Point, isChosen: boolean, palette: Palette): Paint[] => [
  {
    at,
    badge: [
      { path: CROSS, stroke: isChosen ? palette.amber : palette.ink, thin: isChosen ? 2.5 : 1.3 },
      label(name, palette, 8, 8),
    ],
  },
]

/** A line being drawn. */
export const sketchPaints = (points: readonly Point[], palette: Palette): Paint[] =>
  points.length < 2 ? [] : [{ path: linePath(points, false), stroke: palette.amber, thin: 2, dash: [6, 4] }]

/** What is about to be brought in: outlines and lines in amber over the plan, places as small rings. */
export const ghostPaints = (
  lines: readonly { readonly points: readonly Point[]; readonly closed: boolean }[],
  palette: Palette,
): Paint[] =>
  lines.map(({ points, closed }): Paint =>
    points.length === 1
      ? { at: points[0]!, badge: [{ path: circlePath(0, 0, 4), stroke: palette.amber, thin: 1.6 }] }
      : { path: linePath(points, closed), stroke: palette.amber, thin: 1.4 },
  )

/** Something to take hold of. */
export const handlePaints = (at: Point, palette: Palette, alpha = 1): Paint[] => [
  { at, badge: [{ path: circlePath(0, 0, 6), fill: palette.amber, stroke: palette.card, thin: 2, alpha }] },
]

/** A tape between two places, with its length. */
export function tapePaints(tape: readonly Point[], palette: Palette): Paint[] {
  const [a, b] = tape
  if (!a || !b) return []
  const words = `${Math.hypot(a.x - b.x, a.y - b.y).toFixed(2)}\u202fm`
  return [
    { path: linePath([a, b], false), stroke: palette.ink, thin: 1.6 },
    { at: { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }, badge: [label(words, palette, 6, 8)] },
  ]
}

const ROUND = [0.5, 1, 2, 5, 10, 20, 50, 100, 200]
const LEAST_BAR = 70
const UNIT_M = { metric: 1, imperial: 0.3048 } as const

/** A scale bar of a round length in metres or feet, from its left end. */
export function scaleBarPaints(at: Point, palette: Palette, perM: number, units: Units = 'metric'): Paint[] {
  const unitM = UNIT_M[units]
  const length = ROUND.find((n) => n * unitM * perM > LEAST_BAR) ?? 500
  const long = length * unitM * perM
  return [
    {
      at,
      badge: [
        { path: [M, 0, 6, L, 0, 0, L, long, 0, L, long, 6], stroke: palette.ink, thin: 1.5 },
        {
          words: units === 'metric' ? `${length}${UNIT_SPACE}m` : `${length} ft`,
          x: 4,
          y: 12,
          size: 11,
          colour: palette.ink,
        },
      ],
    },
  ]
}

const NORTH = [0, 20, -7, -18, 0, -12, 7, -18]

/** An arrow to north, about a place; `northDeg` is the azimuth to which the sheet's up points. */
export function northPaints(at: Point, northDeg: number, palette: Palette): Paint[] {
  const a = (-northDeg * Math.PI) / 180
  const corners: Point[] = []
  for (let i = 0; i < NORTH.length; i += 2) {
    const [x, y] = [NORTH[i]!, NORTH[i + 1]!]
    corners.push({ x: x * Math.cos(a) + y * Math.sin(a), y: y * Math.cos(a) - x * Math.sin(a) })
  }
  return [{ at, badge: [{ path: linePath(corners, true), fill: palette.ink }] }]
}
