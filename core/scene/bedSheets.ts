import {
  circlePaints,
  elevationBackPaints,
  inTurn,
  notePaints,
  planGroundPaints,
  plantingPaints,
  PRINT_PALETTE,
  rulerPaints,
  scaleBarPaints,
  sillPaints,
  type Paint,
  type Sheet,
  type Words,
} from '../draw'
import { PLAIN_MANNER } from '../measure'
import { aspectOf } from '../see'
import { monthName, type Moment } from '../time'
import { picturesAt } from './picturesAt'
import type { Scene } from './scene'

export const SHEET_VIEWS = ['plan', 'elevation'] as const
export type SheetView = (typeof SHEET_VIEWS)[number]

/** A drawing as it lies on paper: its paints in metres, and the sheet in points. */
export interface DrawnSheet {
  readonly title: string
  /** Those of many plants are made while they are drawn. */
  readonly paints: Iterable<Paint>
  readonly sheet: Sheet
  readonly widthPt: number
  readonly heightPt: number
  /** Metres on the ground to one on paper. */
  readonly scale: number
}

/** A3 on its side, points. */
const WIDTH_PT = 1190.55
const HEIGHT_PT = 841.89
const MARGIN_PT = 48
const TITLE_PT = 40
const POINTS_PER_M = 72 / 0.0254
const SCALES = [5, 10, 20, 25, 50, 75, 100, 150, 200, 250, 500, 1000]

interface Box {
  readonly x0: number
  readonly x1: number
  readonly y0: number
  readonly y1: number
}

/** The largest round scale at which a box fits the paper, and where it then lies, in the middle of it. */
function sheetFor({ x0, x1, y0, y1 }: Box): { sheet: Sheet; scale: number } {
  const width = WIDTH_PT - 2 * MARGIN_PT
  const height = HEIGHT_PT - 2 * MARGIN_PT - TITLE_PT
  const fits = (s: number) => ((x1 - x0) * POINTS_PER_M) / s <= width && ((y1 - y0) * POINTS_PER_M) / s <= height
  const scale = SCALES.find(fits) ?? SCALES[SCALES.length - 1]!
  const perM = POINTS_PER_M / scale
  const left = WIDTH_PT / 2 - ((x0 + x1) / 2) * perM
  const top = MARGIN_PT + TITLE_PT + height / 2 + ((y0 + y1) / 2) * perM
  return { sheet: { perM, left, top }, scale }
}

const BEYOND_M = 0.6

/** The plan or the elevation of a bed at a moment, drawn as on screen, at a round scale on A3. */
export function bedSheet(scene: Scene, view: SheetView, moment: Moment, manner = PLAIN_MANNER): DrawnSheet {
  const aspect = aspectOf(scene.bed, scene.frame, scene.bed.viewpoint)
  const pictures = picturesAt(scene, moment, aspect)
  const { elevation: list } = pictures
  const box = view === 'plan' ? boxOfPlan(pictures.plan.outlines) : boxOfElevation(list)
  const found = sheetFor(box)
  const { scale } = found
  const sheet = { ...found.sheet, manner }
  const { perM } = sheet
  const drawn =
    view === 'plan'
      ? [planPaints(scene, pictures, perM)]
      : [
          elevationBackPaints(list, windowOf(box), PRINT_PALETTE, perM),
          rulerPaints(list, box.y1, PRINT_PALETTE, perM, manner.units),
          plantingPaints(list, perM),
          sillPaints(list, perM),
        ]
  const said = `${view === 'plan' ? 'Plan' : 'Elevation'}, ${monthName(moment.month)} of year ${moment.year}, 1 : ${scale} on A3`
  const title = `${scene.bed.name}: ${said}`
  return {
    title,
    paints: inTurn(...drawn, titlePaints(scene.bed.name, said, sheet)),
    sheet,
    widthPt: WIDTH_PT,
    heightPt: HEIGHT_PT,
    scale,
  }
}

type Pictures = ReturnType<typeof picturesAt>

const planPaints = ({ bed, frame }: Scene, { plan }: Pictures, perM: number): Paint[] => [
  ...planGroundPaints(plan, PRINT_PALETTE, frame.closed ? null : bed.wall, bed.form.kind === 'court', perM),
  ...plan.circles.flatMap((c) => circlePaints(c, perM)),
  ...notePaints(plan.notes, PRINT_PALETTE.amber),
]

function boxOfPlan(outlines: Pictures['plan']['outlines']): Box {
  const all = outlines.flat()
  const xs = all.map((p) => p.x)
  const ys = all.map((p) => -p.y)
  return {
    x0: Math.min(...xs) - BEYOND_M,
    x1: Math.max(...xs) + BEYOND_M,
    y0: Math.min(...ys) - BEYOND_M,
    y1: Math.max(...ys) + BEYOND_M,
  }
}

const boxOfElevation = (list: Pictures['elevation']): Box => ({
  x0: list.fromX - BEYOND_M,
  x1: list.toX + BEYOND_M,
  y0: list.frontBaseM - list.raisedM - BEYOND_M,
  y1: Math.max(list.topM, list.wall?.heightM ?? 0) + BEYOND_M,
})

const windowOf = ({ x0, x1, y0, y1 }: Box) => ({ fromX: x0, toX: x1, bottomM: y0, topM: y1, frontM: BEYOND_M })

/** The bed's name, what is shown, and a scale bar, at fixed places of the paper. */
function titlePaints(name: string, said: string, { perM, left, top, manner }: Sheet): Paint[] {
  const at = (x: number, y: number) => ({ x: (x - left) / perM, y: (top - y) / perM })
  const line = (words: string, y: number, change: Partial<Words>): Words => ({
    words,
    ...at(MARGIN_PT, y),
    size: 11,
    colour: PRINT_PALETTE.ink,
    ...change,
  })
  return [
    line(name, MARGIN_PT, { size: 20, face: 'title-bold' }),
    line(said, MARGIN_PT + 24, { colour: PRINT_PALETTE.soft }),
    ...scaleBarPaints(at(MARGIN_PT, HEIGHT_PT - MARGIN_PT / 2), PRINT_PALETTE, perM, manner?.units),
  ]
}
