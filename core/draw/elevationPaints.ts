import { UNIT_SPACE, type Units } from '../measure'
import { topM } from '../layout'
import type { Elevation } from './elevation'
import { groundPaints, type Window } from './groundPaints'
import { L, M, type Paint } from './path'
import { rectPath, roundedPath } from './paths'
import type { Palette } from './palette'
import type { TargetMark } from './targetMarks'
import { wallPaints } from './wallPaints'

/** What stands behind the plants of an elevation: sky, wall and ground. */
export function elevationBackPaints(list: Elevation, window: Window, palette: Palette, perM: number): Paint[] {
  const { fromX, toX, bottomM, topM: high } = window
  const sky: Paint = { path: rectPath(fromX, bottomM, toX - fromX, high - bottomM), fill: palette.sky }
  return [
    sky,
    ...(list.wall ? wallPaints(list.wall, list.fromX, list.toX, perM) : []),
    ...groundPaints(list, window, palette),
  ]
}

/** Steps of a ruler, metres: half metres or feet where there is room, longer ones where there is not. Every second tick is named. */
const RULERS = {
  metric: { stepsM: [0.5, 1, 2.5, 5, 10], words: (m: number) => `${m}${UNIT_SPACE}m` },
  imperial: { stepsM: [0.3048, 0.6096, 1.524, 3.048, 6.096], words: (m: number) => `${Math.round(m / 0.3048)}′` },
} as const
/** From a name to the next, pixels. */
const NAMES_APART = 16

/** A ruler of heights at the picture's left. */
export function rulerPaints(
  list: Elevation,
  highM: number,
  palette: Palette,
  perM: number,
  units: Units = 'metric',
): Paint[] {
  const { stepsM, words } = RULERS[units]
  const stepM = stepsM.find((step) => 2 * step * perM >= NAMES_APART) ?? stepsM[stepsM.length - 1]!
  const paints: Paint[] = []
  for (let i = 0; i * stepM < highM; i++) {
    const z = i * stepM
    const isNamed = i % 2 === 0
    const [from, to] = [list.fromX - (isNamed ? 11 : 6) / perM, list.fromX - 2 / perM]
    paints.push({ path: [M, from, z, L, to, z], stroke: palette.soft, thin: 1 })
    if (isNamed) {
      const said = z === 0 ? '0' : words(z)
      paints.push({ words: said, x: list.fromX, y: z, size: 11, colour: palette.soft, align: 'right', dx: -15 })
    }
  }
  return paints
}

const DOOR_BELOW_M = 0.3
const BEYOND = 16

/** Dashed lines at the sills, with their heights: what must not be grown over. */
export const sillPaints = (list: Elevation, perM: number): Paint[] =>
  (list.wall?.openings ?? [])
    .filter((o) => o.sillM >= DOOR_BELOW_M)
    .flatMap((o): Paint[] => [
      {
        path: [M, o.x - BEYOND / perM, o.sillM, L, o.x + o.widthM + BEYOND / perM, o.sillM],
        stroke: '#2b2621',
        thin: 1,
        dash: [3, 4],
        alpha: 0.55,
      },
      { words: `sill ${o.sillM}\u202fm`, x: o.x, y: o.sillM, size: 10.5, colour: '#f6f1e7', dx: 5, dy: 9 },
    ])

const WISH_COLOUR = { keep: '#2f4f2c', hide: '#7a2f22' } as const

/** A frame where a view lies beyond the bed, with its name above it. */
export function targetPaints(t: TargetMark): Paint[] {
  const colour = WISH_COLOUR[t.wish]
  const path = rectPath(t.fromX, t.fromM, t.toX - t.fromX, t.toM - t.fromM)
  const [x, y] = [(t.fromX + t.toX) / 2, t.toM]
  return [
    { path, stroke: colour, thin: 1.4, dash: t.wish === 'keep' ? [2, 4] : [7, 3] },
    { words: t.label, x, y, size: 11, colour, align: 'center', rim: 'rgba(251, 247, 238, 0.85)', dy: 9 },
  ]
}

/** Frames about the plants that are chosen or spoken of. */
export function elevationMarkPaints(
  list: Elevation,
  ids: ReadonlySet<string>,
  colour: string,
  thin: number,
  perM: number,
): Paint[] {
  if (ids.size === 0) return []
  return list.figures
    .filter((f) => ids.has(f.body.at.id))
    .map(({ body, x, baseM }) => {
      const half = body.spreadM / 2 + 2 / perM
      const height = Math.max(topM(body), 0.08) + 6 / perM
      const path = roundedPath(x - half, baseM - 3 / perM, half * 2, height, Math.min(5 / perM, half, height / 2))
      return { path, stroke: colour, thin }
    })
}
