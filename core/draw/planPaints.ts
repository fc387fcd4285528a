import type { Wall } from '../model'
import { lighten, lightness, mix } from '../colour'
import { seeded, type Point } from '../geometry'
import { layerOf } from './figurePaints'
import { featureAbovePaints } from './featurePaints'
import { fixtureAbovePaints } from './fixturePaints'
import { L, M, type Paint, type Path } from './path'
import { circlePath, linePath, rectPath } from './paths'
import type { Palette } from './palette'
import type { Plan, PlanCircle } from './plan'

/** A bed's plan has y toward the viewer; paints have it up. */
const up = (points: readonly Point[]): Point[] => points.map(({ x, y }) => ({ x, y: -y }))

/** What lies under the plants of a plan: paving, soil, lane lines, fixtures and the wall along the top. */
export function planGroundPaints(
  list: Plan,
  palette: Palette,
  wall: Wall | null,
  paved: boolean,
  perM: number,
): Paint[] {
  const soil = list.outlines.map((o): Paint => ({
    path: linePath(up(o), true),
    fill: palette.soilLight,
    stroke: palette.soil,
    thin: 1.5,
    layer: 'bed',
  }))
  const lanes = list.laneLines.map((l): Paint => ({
    path: linePath(up(l), false),
    stroke: palette.soil,
    thin: 1,
    dash: [2, 5],
    alpha: 0.6,
    layer: 'lanes',
  }))
  return [
    ...(paved ? [gravel(list, perM)] : []),
    ...soil,
    ...lanes,
    ...list.features.flatMap(featureAbovePaints),
    ...list.fixtures.flatMap(fixtureAbovePaints),
    ...(wall ? wallStrip(list, wall, perM) : []),
  ]
}

const GRAVEL_BEYOND = 6

/** Gravel or paving between the parts of a court or under pots. */
function gravel(list: Plan, perM: number): Paint {
  const all = up(list.outlines.flat())
  const xs = all.map((p) => p.x)
  const ys = all.map((p) => p.y)
  const by = GRAVEL_BEYOND / perM
  const [x, y] = [Math.min(...xs) - by, Math.min(...ys) - by]
  return { path: rectPath(x, y, Math.max(...xs) + by - x, Math.max(...ys) + by - y), fill: '#e4dac6' }
}

const WALL_STRIP = 7

function wallStrip(list: Plan, wall: Wall, perM: number): Paint[] {
  const xs = list.outlines.flat().map((p) => p.x)
  const from = Math.min(...xs)
  const deep = WALL_STRIP / perM
  return [
    { path: rectPath(from, 0, Math.max(...xs) - from, deep), fill: wall.colour, layer: 'wall' },
    ...wall.openings.flatMap((o): Paint[] => [
      { path: rectPath(o.x, 0, o.widthM, deep), fill: '#efe6cf', layer: 'openings' },
      { path: rectPath(o.x, deep / 2 - 1 / perM, o.widthM, 2 / perM), fill: '#5b6c71' },
    ]),
  ]
}

const inks = new Map<string, { edge: string; ink: string }>()
const MOST_INKS = 4000

/** The edge and the letter of a circle: ink on pale leaves, paper on dark ones. */
function inksOf(fill: string) {
  const known = inks.get(fill)
  if (known) return known
  if (inks.size > MOST_INKS) inks.clear()
  const isDark = lightness(mix(fill, '#e5d8c0', 0.3)) < 0.6
  const made = { edge: lighten(fill, -0.22), ink: isDark ? '#fdf8ec' : '#2b2621' }
  inks.set(fill, made)
  return made
}

const LEAST_LETTER = 7

/** A plant from above: its grown circle, the circle of now, a few rays of leaf, its letter, and a dot when it is pinned. */
export function circlePaints(circle: PlanCircle, perM: number): Paint[] {
  if (circle.quiet) return quietPaints(circle)
  const { x, matureR, nowR, fill, letter, body } = circle
  const y = -circle.y
  const r = matureR * perM
  const { edge, ink } = inksOf(fill)
  const layer = layerOf(body.at)
  const path = circlePath(x, y, matureR)
  const paints: Paint[] = [
    { path, fill, alpha: 0.3 },
    { path, stroke: edge, thin: 1, alpha: 0.9, layer },
  ]
  if (nowR > 0) paints.push({ path: circlePath(x, y, Math.min(nowR, matureR)), fill, alpha: 0.62 })
  if (body.at.plant.habit === 'clipped')
    return [...paints, { path: circlePath(x, y, matureR * 0.82), fill, alpha: 0.8 }]
  paints.push({ path: rays(circle, r > 14 ? 9 : 6), stroke: edge, thin: 0.7, alpha: 0.55 })
  if (r >= LEAST_LETTER) {
    const size = Math.round(Math.max(8, Math.min(13, r * 0.75)))
    paints.push({ words: letter, x, y, size, colour: ink, align: 'center', face: 'bold', dy: -0.5, layer })
  }
  if (body.at.pinned)
    paints.push({ at: { x, y: y + matureR }, badge: [{ path: circlePath(0, 0, 2.4), fill: edge }] })
  return paints
}

/** A plant of another bed: its two circles, and no more. */
const quietPaints = ({ x, y, matureR, nowR, fill }: PlanCircle): Paint[] => [
  { path: circlePath(x, -y, matureR), fill, alpha: 0.12 },
  { path: circlePath(x, -y, Math.min(nowR, matureR)), fill, alpha: 0.22, layer: 'other beds' },
]

function rays({ x, y, matureR, body }: PlanCircle, count: number): Path {
  const random = seeded(body.at.seed)
  const path: Path = []
  for (let i = 0; i < count; i++) {
    const angle = ((i + random() * 0.7) / count) * Math.PI * 2
    const [cos, sin] = [Math.cos(angle) * matureR, -Math.sin(angle) * matureR]
    path.push(M, x + cos * 0.45, -y + sin * 0.45, L, x + cos * 0.92, -y + sin * 0.92)
  }
  return path
}

/** The outline of a drift's shape, or a line that is being drawn. */
export const shapePaints = (line: readonly Point[], { amber }: Palette): Paint[] =>
  line.length < 2
    ? []
    : [{ path: linePath(up(line), true), stroke: amber, thin: 1.4, dash: [5, 4], fill: `${amber}14` }]

/** Rings about the plants that are chosen or spoken of. */
export function planMarkPaints(
  list: Plan,
  ids: ReadonlySet<string>,
  colour: string,
  thin: number,
  perM: number,
): Paint[] {
  if (ids.size === 0) return []
  return list.circles
    .filter((c) => ids.has(c.body.at.id))
    .map((c) => ({ path: circlePath(c.x, -c.y, Math.max(4, c.matureR * perM + 1.5) / perM), stroke: colour, thin }))
}
