import type { Wall } from '~~/core/bed'
import type { Point } from '~~/core/geometry'
import {
  circleAt,
  circlePaints,
  handlePaints,
  planGroundPaints,
  planMarkPaints,
  shapePaints,
  type Paint,
  type Palette,
  type Plan,
  type PlanCircle,
  type Sheet,
} from '~~/core/draw'
import { drawPaints } from './canvasPen'
import { FrameCache } from './FrameCache'
import { Layers } from './Layers'

export interface PlanView {
  readonly list: Plan
  /** The wall along the top, for a bed seen from its front. */
  readonly wall: Wall | null
  /** Least and greatest x of the bed as turned, metres. */
  readonly fromX: number
  readonly toX: number
  readonly paved: boolean
  readonly width: number
  readonly height: number
  readonly pxPerM: number
  readonly leftPx: number
  readonly topPx: number
  readonly palette: Palette
  readonly lit: ReadonlySet<string>
  readonly chosen: ReadonlySet<string>
  /** Outlines of chosen shapes and lines being drawn, as turned. */
  readonly outlines?: readonly (readonly Point[])[]
  /** Places that can be taken hold of, as turned. */
  readonly handles?: readonly Point[]
  /** What else lies above the plants: pins of notes, outlines of things. */
  readonly above?: readonly Paint[]
}

/** Draws the plan: ground below, circles, and marks above. */
export class PlanPainter {
  private readonly layers: Layers<'ground' | 'circles' | 'marks'>
  private view: PlanView | null = null
  private groundKey = ''
  private readonly frames = new FrameCache<Plan>()

  constructor(holder: HTMLElement) {
    this.layers = new Layers(holder, {
      ground: (c) => this.drawGround(c),
      circles: (c) => this.drawCircles(c),
      marks: (c) => this.drawMarks(c),
    })
  }

  show(view: PlanView) {
    const before = this.view
    this.view = view
    const isNew = this.layers.resize(view.width, view.height)
    const key = groundKeyOf(view)
    if (isNew || key !== this.groundKey) this.layers.draw('ground')
    if (isNew || before?.list !== view.list || key !== this.groundKey) this.layers.draw('circles')
    if (isNew || hasMarks(before) || hasMarks(view)) this.layers.draw('marks')
    this.groundKey = key
  }

  /** The place under a pixel, as the bed is turned. */
  toMetres(px: number, py: number): Point {
    const { pxPerM, leftPx, topPx, fromX } = this.view!
    return { x: (px - leftPx) / pxPerM + fromX, y: (py - topPx) / pxPerM }
  }

  hit(px: number, py: number): PlanCircle | null {
    if (!this.view) return null
    const { x, y } = this.toMetres(px, py)
    return circleAt(this.view.list, x, y)
  }

  destroy() {
    this.frames.clear()
    this.layers.destroy()
  }

  /** Draws what other lists will show at the same scale; one step at a time. */
  *ahead(lists: Iterable<Plan>): Generator<void> {
    for (const list of lists) {
      const now = this.view
      if (!now) return
      const view = { ...now, list }
      this.frames.draw(list, frameKey(view), view.width, view.height, (c) => drawCircles(c, view))
      yield
    }
  }

  private drawGround(context: CanvasRenderingContext2D) {
    const view = this.view!
    const { list, wall, palette, width, height, paved } = view
    context.fillStyle = palette.card
    context.fillRect(0, 0, width, height)
    const sheet = sheetOf(view)
    drawPaints(context, planGroundPaints(list, palette, wall, paved, sheet.perM), sheet)
  }

  private drawCircles(context: CanvasRenderingContext2D) {
    const view = this.view!
    const ready = this.frames.get(view.list, frameKey(view))
    if (ready) context.drawImage(ready, 0, 0, view.width, view.height)
    else drawCircles(context, view)
  }

  private drawMarks(context: CanvasRenderingContext2D) {
    const { list, palette, lit, chosen, handles = [], outlines = [], above = [] } = this.view!
    const sheet = sheetOf(this.view!)
    drawPaints(context, planMarkPaints(list, chosen, palette.amber, 2.4, sheet.perM), sheet)
    drawPaints(context, planMarkPaints(list, lit, palette.amber, 3, sheet.perM), sheet)
    drawPaints(context, above, sheet)
    for (const line of outlines) drawPaints(context, shapePaints(line, palette), sheet)
    for (const { x, y } of handles) drawPaints(context, handlePaints({ x, y: -y }, palette), sheet)
  }
}

const hasMarks = (v: PlanView | null) =>
  v !== null &&
  (v.lit.size > 0 || v.chosen.size > 0 || [v.handles, v.outlines, v.above].some((list) => (list?.length ?? 0) > 0))

function groundKeyOf({ list, wall, pxPerM, leftPx, topPx, width, height, palette }: PlanView): string {
  const { outlines, laneLines, fixtures, features } = list
  return JSON.stringify([
    outlines,
    laneLines,
    fixtures,
    features,
    wall,
    pxPerM,
    leftPx,
    topPx,
    width,
    height,
    palette.paper,
  ])
}

const frameKey = ({ pxPerM, leftPx, topPx, width, height }: PlanView) =>
  `${pxPerM}|${leftPx}|${topPx}|${width}|${height}`

const sheetOf = ({ pxPerM, leftPx, topPx, fromX }: PlanView): Sheet => ({
  perM: pxPerM,
  left: leftPx - fromX * pxPerM,
  top: topPx,
})

/** Circles, large to small. */
function drawCircles(context: CanvasRenderingContext2D, view: PlanView) {
  const sheet = sheetOf(view)
  drawPaints(
    context,
    view.list.circles.flatMap((c) => circlePaints(c, sheet.perM)),
    sheet,
  )
}
