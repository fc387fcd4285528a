import {
  circlePath,
  linePath,
  L,
  M,
  O,
  rectPath,
  type Paint,
  type Path,
  type PlanCircle,
  PRINT_PALETTE,
  fixtureAbovePaints,
  featureAbovePaints,
  notePaints,
} from '../draw'
import { lighten } from '../colour'
import type { Point } from '../geometry'
import { capital, type Units } from '../measure'
import { aspectOf } from '../see'
import { picturesAt, type Scene } from '../scene'
import { driftLabels, type DriftLabel } from './driftLabels'
import { furniture, MARGIN_PT, northArrow, STRIP_PT } from './furniture'
import {
  pageSheet,
  PLAN_SCALES,
  POINTS_PER_M,
  POINTS_PER_MM,
  type DrawingPage,
  type Paper,
  type SheetHead,
} from './paper'
import { tiles, type Box, type Tile } from './tiles'

export interface PlanAsk {
  readonly scene: Scene
  readonly head: SheetHead
  readonly paper: Paper
  /** Ratio of the scale; 0: the largest of the unit's scales at which the bed fits one sheet, else the smallest. */
  readonly ratio: number
  readonly units: Units
  /** Black and white: outlines, hatches and letters alone. */
  readonly plain: boolean
  /** Azimuth that the top of the bed's plan looks to; null when the bed has no place on the site. */
  readonly upDeg: number | null
  /** Services under or over the bed, in the bed's plan. */
  readonly services: readonly { readonly name: string; readonly line: readonly Point[] }[]
  /** What is drawn over the planting, y up, what the strip says of it, and how the sheet is called then. */
  readonly over?: readonly Paint[]
  readonly said?: string
  readonly title?: string
}

const LABELS_M_PT = 44
const OVERLAP_MM = 10
const INK = PRINT_PALETTE.ink

/**
 * The planting plan of a bed true to scale, over as many sheets as it needs, with match lines. Source: docs/grounds/papers, The plan
 * on paper.
 */
export function planSheets(ask: PlanAsk): DrawingPage[] {
  const { scene, paper } = ask
  const printW = paper.widthPt - 2 * MARGIN_PT - 12
  const printH = paper.heightPt - 2 * MARGIN_PT - STRIP_PT - 12
  const flat = { ...scene.bed.viewpoint, turnDeg: 0 }
  const aspect = aspectOf(scene.bed, scene.frame, flat)
  const { plan } = picturesAt(scene, { month: 7, year: 10 }, aspect)
  const ratio = ask.ratio || fittingRatio(plan.outlines, printW, printH, ask.units)
  const perM = POINTS_PER_M / ratio
  const box = boxOf(plan.outlines, LABELS_M_PT / perM)
  const labels = driftLabels(scene, box, perM)
  const drawn = [
    ...groundOf(ask, plan, perM),
    ...plan.circles.flatMap((c) => plantPaints(c, ask.plain, perM)),
    ...notePaints(plan.notes, PRINT_PALETTE.amber),
    ...labels.flatMap((l) => labelPaints(l, perM)),
    ...(ask.over ?? []),
  ]
  const list = tiles(box, printW / perM, printH / perM, (OVERLAP_MM * POINTS_PER_MM) / perM)
  return list.map((tile, i) => page(ask, drawn, tile, list, i, ratio))
}

function fittingRatio(
  outlines: readonly (readonly Point[])[],
  width: number,
  height: number,
  units: Units,
): number {
  const own = PLAN_SCALES.filter((s) => s.units === units || s.ratio === 100)
  const fits = own.find(({ ratio }) => {
    const perM = POINTS_PER_M / ratio
    const box = boxOf(outlines, LABELS_M_PT / perM)
    return (box.x1 - box.x0) * perM <= width && (box.y1 - box.y0) * perM <= height
  })
  return (fits ?? PLAN_SCALES[PLAN_SCALES.length - 1]!).ratio
}

function boxOf(outlines: readonly (readonly Point[])[], beyond: number): Box {
  const xs = outlines.flat().map((p) => p.x)
  const ys = outlines.flat().map((p) => -p.y)
  return {
    x0: Math.min(...xs) - beyond,
    x1: Math.max(...xs) + beyond,
    y0: Math.min(...ys) - beyond,
    y1: Math.max(...ys) + beyond,
  }
}

const up = (points: readonly Point[]): Point[] => points.map(({ x, y }) => ({ x, y: -y }))

function groundOf(
  { plain, services, scene }: PlanAsk,
  plan: ReturnType<typeof picturesAt>['plan'],
  perM: number,
): Paint[] {
  const fill = plain ? {} : { fill: '#f3ecdd' }
  const wall = scene.frame.closed ? null : scene.bed.wall
  const xs = plan.outlines.flat().map((p) => p.x)
  return [
    ...plan.outlines.map((o): Paint => ({
      path: linePath(up(o), true),
      ...fill,
      stroke: INK,
      thin: 1.2,
      layer: 'bed',
    })),
    ...plan.laneLines.map((l): Paint => ({
      path: linePath(up(l), false),
      stroke: INK,
      thin: 0.4,
      dash: [2, 4],
      layer: 'lanes',
    })),
    ...(plain ? [] : [...plan.features.flatMap(featureAbovePaints), ...plan.fixtures.flatMap(fixtureAbovePaints)]),
    ...(wall
      ? [
          {
            path: rectPath(Math.min(...xs), 0, Math.max(...xs) - Math.min(...xs), 6 / perM),
            fill: plain ? '#d0d0d0' : wall.colour,
            layer: 'wall',
          },
        ]
      : []),
    ...services.flatMap((s): Paint[] => {
      const line = up(s.line)
      const middle = line[Math.floor((line.length - 1) / 2)]!
      return [
        { path: linePath(line, false), stroke: INK, thin: 1.1, dash: [8, 3, 2, 3], layer: 'service' },
        {
          words: `${s.name}: dig by hand`,
          ...middle,
          size: 7,
          colour: INK,
          rim: '#ffffff',
          dx: 4,
          dy: 5,
          layer: 'service',
        },
      ]
    }),
  ]
}

const LEAST_LETTER_PT = 6
const CROSS_PT = 2

/** One plant: its mature circle, a cross at its middle, its letter; evergreens hatched, so that black and white reads. */
function plantPaints(
  { x, y: down, matureR, fill, letter, body, quiet }: PlanCircle,
  plain: boolean,
  perM: number,
): Paint[] {
  const y = -down
  if (quiet) return [{ path: circlePath(x, y, matureR), stroke: '#9a9286', thin: 0.4, layer: 'other beds' }]
  const standing = body.at.standing
  const layer = `lane ${body.at.lane + 1}`
  const cross = CROSS_PT / perM
  const paints: Paint[] = [
    { path: circlePath(x, y, matureR), ...(plain ? {} : { fill: lighten(fill, 0.08), alpha: 0.45 }) },
    {
      path: circlePath(x, y, matureR),
      stroke: INK,
      thin: 0.6,
      ...(standing ? { dash: [4, 2] } : {}),
      layer: standing ? 'existing' : layer,
    },
  ]
  if (body.at.plant.retention === 'evergreen')
    paints.push({ path: hatch(x, y, matureR, perM), stroke: INK, thin: 0.25 })
  const size = Math.min(9, matureR * perM * 0.9)
  const shows = size >= LEAST_LETTER_PT && letter !== ''
  if (!shows || standing)
    paints.push({
      path: [M, x - cross, y, L, x + cross, y, M, x, y - cross, L, x, y + cross],
      stroke: INK,
      thin: 0.5,
      layer,
    })
  if (shows)
    paints.push({ words: letter, x, y, size, colour: INK, align: 'center', face: 'bold', rim: '#ffffff', layer })
  return paints
}

const HATCH_PT = 4.5

/** Lines at 45° within a circle, a few points apart. */
function hatch(cx: number, cy: number, r: number, perM: number): Path {
  const path: Path = []
  const step = HATCH_PT / perM
  for (let d = -r + step; d < r; d += step) {
    const half = Math.sqrt(Math.max(0, r * r - d * d))
    const [nx, ny] = [-Math.SQRT1_2 * d, Math.SQRT1_2 * d]
    const [tx, ty] = [Math.SQRT1_2 * half, Math.SQRT1_2 * half]
    path.push(M, cx + nx - tx, cy + ny - ty, L, cx + nx + tx, cy + ny + ty)
  }
  return path
}

const DOT_PT = 1.3

const labelPaints = ({ text, from, at, above }: DriftLabel, perM: number): Paint[] => [
  { path: [M, from.x, from.y, L, at.x, at.y], stroke: INK, thin: 0.45, layer: 'labels' },
  { path: [O, from.x, from.y, DOT_PT / perM], fill: INK },
  {
    words: text,
    ...at,
    size: 8,
    colour: INK,
    align: 'center',
    face: 'bold',
    rim: '#ffffff',
    dy: above ? 5 : -5,
    layer: 'labels',
  },
]

function page(
  ask: PlanAsk,
  drawn: readonly Paint[],
  tile: Tile,
  list: readonly Tile[],
  i: number,
  ratio: number,
): DrawingPage {
  const { paper, head, scene } = ask
  const perM = POINTS_PER_M / ratio
  const [w, h] = [(tile.x1 - tile.x0) * perM, (tile.y1 - tile.y0) * perM]
  const freeW = paper.widthPt - 2 * MARGIN_PT
  const freeH = paper.heightPt - 2 * MARGIN_PT - STRIP_PT
  const left = MARGIN_PT + (freeW - w) / 2
  const bottom = MARGIN_PT + STRIP_PT + (freeH - h) / 2
  const sheet = { perM, left: left - tile.x0 * perM, top: paper.heightPt - bottom + tile.y0 * perM }
  const clip = rectPath(tile.x0, tile.y0, tile.x1 - tile.x0, tile.y1 - tile.y0)
  const { title = 'planting plan', said: what = 'mature circles, evergreens hatched, what stays dashed' } = ask
  const said = `${capital(title)}, 1 : ${ratio} on ${paper.name}; ${what}`
  const block = {
    ...head,
    name: scene.bed.name,
    said,
    number: list.length > 1 ? `sheet ${i + 1} of ${list.length}` : '',
  }
  return {
    kind: 'drawing',
    title: `${scene.bed.name}: ${title}${list.length > 1 ? `, sheet ${i + 1}` : ''}`,
    widthPt: paper.widthPt,
    heightPt: paper.heightPt,
    panels: [
      { paints: [{ clip, within: drawn }, ...matchLines(tile, list)], sheet },
      {
        paints: [
          ...furniture(paper.widthPt, paper.heightPt, block),
          ...(ask.upDeg === null
            ? []
            : northArrow(paper.widthPt - MARGIN_PT - 24, paper.heightPt - MARGIN_PT - 34, ask.upDeg)),
        ],
        sheet: pageSheet(paper.heightPt),
      },
    ],
  }
}

/** Where this sheet meets the next ones: a dashed line down the middle of the overlap, with the number of the other. */
function matchLines(tile: Tile, list: readonly Tile[]): Paint[] {
  return list.flatMap((other, i): Paint[] => {
    const across = other.row === tile.row && Math.abs(other.column - tile.column) === 1
    const along = other.column === tile.column && Math.abs(other.row - tile.row) === 1
    if (!across && !along) return []
    const line = across
      ? { x: (Math.max(tile.x0, other.x0) + Math.min(tile.x1, other.x1)) / 2, y: null }
      : { x: null, y: (Math.max(tile.y0, other.y0) + Math.min(tile.y1, other.y1)) / 2 }
    const path: Path =
      line.x !== null ? [M, line.x, tile.y0, L, line.x, tile.y1] : [M, tile.x0, line.y!, L, tile.x1, line.y!]
    const at = line.x !== null ? { x: line.x, y: tile.y0 } : { x: tile.x0, y: line.y! }
    const isRight = line.x !== null && line.x > (tile.x0 + tile.x1) / 2
    return [
      { path, stroke: INK, thin: 0.7, dash: [10, 4] },
      {
        words: `meets sheet ${i + 1} here`,
        ...at,
        size: 7,
        colour: INK,
        rim: '#ffffff',
        align: isRight ? 'right' : 'left',
        dx: isRight ? -4 : 4,
        dy: 8,
      },
    ]
  })
}
