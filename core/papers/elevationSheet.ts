import {
  elevationBackPaints,
  inTurn,
  isWords,
  plantingPaints,
  rectPath,
  PRINT_PALETTE,
  rulerPaints,
  sillPaints,
  type Paint,
} from '../draw'
import { aspectOf } from '../see'
import { picturesAt, type Scene } from '../scene'
import { monthName, type PlaceMonth } from '../time'
import { furniture, MARGIN_PT, STRIP_PT } from './furniture'
import { pageSheet, POINTS_PER_M, type DrawingPage, type Panel, type Paper, type SheetHead } from './paper'

/** One month of each season. */
export const SEASON_MONTHS: readonly PlaceMonth[] = [1, 4, 7, 10]
/** One above another, or two by two: whichever shows the bed larger. Points; `perM` points a metre. */
function layoutOf(paper: Paper, widthM: number, heightM: number) {
  const layouts = [1, 2].map((columns) => {
    const cellW = (paper.widthPt - 2 * MARGIN_PT - 10) / columns
    const cellH = (paper.heightPt - 2 * MARGIN_PT - STRIP_PT - 10) / (SEASON_MONTHS.length / columns)
    const most = Math.min((cellW - RULER_PT) / widthM, (cellH - CAPTION_PT) / heightM)
    const scale = SCALES.find((s) => POINTS_PER_M / s <= most) ?? SCALES[SCALES.length - 1]!
    return { columns, cellW, cellH, scale, perM: POINTS_PER_M / scale }
  })
  return layouts.reduce((a, b) => (b.scale < a.scale ? b : a))
}

const RULER_PT = 34
const SCALES = [10, 20, 25, 50, 75, 100, 150, 200, 250, 500]
const CAPTION_PT = 16
const BEYOND_M = 0.4
/** Leaf of a plant is drawn as fine as the paper shows it. */
const FINEST_PER_M = 17

/** A bed from its viewpoint in four months, one above another at one scale. */
export function elevationSheet(scene: Scene, head: SheetHead, paper: Paper, year = 3): DrawingPage {
  const aspect = aspectOf(scene.bed, scene.frame, scene.bed.viewpoint)
  const lists = SEASON_MONTHS.map((month) => ({
    month,
    list: picturesAt(scene, { month, year }, aspect).elevation,
  }))
  const { units } = head.manner
  const first = lists[0]!.list
  const box = {
    x0: first.fromX - BEYOND_M,
    x1: first.toX + BEYOND_M,
    y0: first.frontBaseM - first.raisedM - BEYOND_M,
    y1: Math.max(...lists.map((l) => Math.max(l.list.topM, l.list.wall?.heightM ?? 0))) + BEYOND_M / 2,
  }
  const layout = layoutOf(paper, box.x1 - box.x0, box.y1 - box.y0)
  const { perM, scale, cellW, cellH, columns } = layout
  const panels = lists.map(({ month, list }, i): Panel => {
    const middle = MARGIN_PT + 5 + ((i % columns) + 0.5) * cellW
    const head = paper.heightPt - MARGIN_PT - 5 - (Math.floor(i / columns) + 1) * cellH
    const sheet = {
      perM,
      left: middle - ((box.x0 + box.x1) / 2) * perM,
      top: paper.heightPt - head - 4 + box.y0 * perM,
    }
    const window = { fromX: box.x0, toX: box.x1, bottomM: box.y0, topM: box.y1, frontM: BEYOND_M }
    const caption = {
      size: 10,
      colour: PRINT_PALETTE.ink,
      face: 'title-bold',
      dx: 4,
      dy: 6,
      rim: '#ffffff',
    } as const
    const within = inTurn(
      elevationBackPaints(list, window, PRINT_PALETTE, perM),
      plantingPaints(list, Math.min(perM, FINEST_PER_M)),
      sillPaints(list, perM).filter((p) => !isWords(p)),
    )
    const paints: Paint[] = [
      { clip: rectPath(box.x0, box.y0, box.x1 - box.x0, box.y1 - box.y0), within },
      ...rulerPaints(list, box.y1, PRINT_PALETTE, perM, units),
      { words: monthName(month), x: box.x0, y: box.y1, ...caption },
    ]
    return { paints, sheet }
  })
  const said = `From ${scene.bed.viewpoint.name}, year ${year}, 1 : ${scale} on ${paper.name}`
  return {
    kind: 'drawing',
    title: `${scene.bed.name}: four months`,
    widthPt: paper.widthPt,
    heightPt: paper.heightPt,
    panels: [
      ...panels,
      {
        paints: furniture(paper.widthPt, paper.heightPt, { ...head, name: scene.bed.name, said, number: '' }),
        sheet: pageSheet(paper.heightPt),
      },
    ],
  }
}
