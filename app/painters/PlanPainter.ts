import type { Wall } from '~~/core/model'
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
import type { Manner } from '~~/core/measure'
import { drawPaints } from './canvasPen'
import { changedParts, meetsParts, type Drawn } from './changedPart'
import { CircleStamps } from './CircleStamps'
import { FrameCache } from './FrameCache'
import { KeptDrawn } from './KeptDrawn'
import { Layers } from './Layers'

interface PlanView {
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
  /** How figures are written; metric when left out. */
  readonly manner?: Manner
  readonly lit: ReadonlySet<string>
  readonly chosen: ReadonlySet<string>
  /** Outlines of chosen shapes and lines being drawn, as turned. */
  readonly outlines?: readonly (readonly Point[])[]
  /** Places that can be taken hold of, as turned. */
  readonly handles?: readonly Point[]
  /** What else is marked at the plants, and moves with them. */
  readonly following?: readonly Paint[]
  /** What else lies above the plants: pins of notes, outlines of things. */
  readonly above?: readonly Paint[]
  /** Whether the hand moves something now: circles are then stamped, which is quicker and a little less fine. */
  readonly moving?: boolean
}

/** Draws the plan: ground below, circles, marks of plants, and what lies above them all. */
export class PlanPainter {
  private readonly layers: Layers<'ground' | 'circles' | 'marks' | 'above'>
  private view: PlanView | null = null
  private groundKey = ''
  private readonly frames = new FrameCache<Plan>()
  /** The circles as they stand on the screen, and the scale they were drawn at. */
  private drawn: readonly Drawn[] = []
  private drawnAt = ''
  private readonly kept = new KeptDrawn<PlanCircle>()
  private readonly stamps = new CircleStamps()
  /** Plants that were stamped while the hand moved, and are drawn finely when it rests. */
  private stamped = new Set<string>()

  constructor(holder: HTMLElement) {
    this.layers = new Layers(
      holder,
      {
        ground: (c) => this.drawGround(c),
        circles: (c) => this.drawCircles(c),
        marks: (c) => this.drawMarks(c),
        above: (c) => this.drawAbove(c),
      },
      [
        { under: 'ground', live: 'circles' },
        { live: 'marks', over: 'above' },
      ],
    )
  }

  show(view: PlanView) {
    const before = this.view
    this.view = view
    const isNew = this.layers.resize(view.width, view.height)
    const key = groundKeyOf(view)
    const isElsewhere = isNew || key !== this.groundKey
    if (isElsewhere) this.layers.draw('ground')
    if (isElsewhere || before?.list !== view.list) this.showCircles(isNew)
    if (isElsewhere || !isSameAbove(before, view)) this.layers.draw('above')
    if (isNew || hasMarks(before) || hasMarks(view)) this.layers.draw('marks')
    this.layers.finish()
    this.groundKey = key
  }

  /** Draws circles anew, where anything of them changed. */
  private showCircles(isNew: boolean) {
    const view = this.view!
    const at = `${frameKey(view)}|${view.fromX}`
    const sheet = sheetOf(view)
    const now = this.kept.of(view.list.circles, at, (c) => circleDrawn(c, sheet))!
    const before = view.moving ? this.drawn : this.drawn.filter((d) => !this.stamped.has(d.id))
    const parts = isNew || at !== this.drawnAt ? 'all' : changedParts(before, now, view.width, view.height)
    this.drawn = now
    this.drawnAt = at
    if (!view.moving) this.stamped.clear()
    if ((parts === 'all' && !view.moving) || this.frames.get(view.list, frameKey(view)))
      return this.layers.draw('circles')
    const where = parts === 'all' ? [{ left: 0, top: 0, right: view.width, bottom: view.height }] : parts
    if (where.length === 0) return
    const circles = view.list.circles.filter((_, i) => meetsParts(now[i]!, where))
    this.layers.redraw('circles', where, (context) =>
      view.moving ? this.stampCircles(context, circles) : drawCircles(context, view, circles),
    )
  }

  private stampCircles(context: CanvasRenderingContext2D, circles: readonly PlanCircle[]) {
    const { perM, left, top } = sheetOf(this.view!)
    for (const c of circles) {
      this.stamps.put(context, c, perM, left + c.x * perM, top + c.y * perM)
      this.stamped.add(c.body.at.id)
    }
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
    this.stamps.clear()
    this.layers.destroy()
  }

  /** Draws what the hand may take hold of, then what other lists will show at the same scale; one step at a time. */
  *ahead(lists: Iterable<Plan>): Generator<void> {
    for (const circle of this.view?.list.circles ?? []) {
      if (!this.view) return
      this.stamps.make(circle, sheetOf(this.view).perM)
      yield
    }
    for (const list of lists) {
      const now = this.view
      if (!now) return
      const view = { ...now, list }
      yield* this.frames.drawing(list, frameKey(view), view, (c) => circlesInSteps(c, view))
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
    const { list, palette, lit, chosen, following = [] } = this.view!
    const sheet = sheetOf(this.view!)
    drawPaints(context, following, sheet)
    drawPaints(context, planMarkPaints(list, chosen, palette.amber, 2.4, sheet.perM), sheet)
    drawPaints(context, planMarkPaints(list, lit, palette.amber, 3, sheet.perM), sheet)
  }

  private drawAbove(context: CanvasRenderingContext2D) {
    const { palette, handles = [], outlines = [], above = [] } = this.view!
    const sheet = sheetOf(this.view!)
    drawPaints(context, above, sheet)
    for (const line of outlines) drawPaints(context, shapePaints(line, palette), sheet)
    for (const { x, y } of handles) drawPaints(context, handlePaints({ x, y: -y }, palette), sheet)
  }
}

const hasMarks = (v: PlanView | null) =>
  v !== null && (v.lit.size > 0 || v.chosen.size > 0 || (v.following?.length ?? 0) > 0)

/** Whether what lies above the plants looks the same: most of a drag moves nothing of it, and its words are slow to draw. */
const isSameAbove = (a: PlanView | null, b: PlanView) =>
  a?.fromX === b.fromX &&
  a.manner === b.manner &&
  isSame(a.above, b.above) &&
  JSON.stringify([a.outlines, a.handles]) === JSON.stringify([b.outlines, b.handles])

const isSame = (a: readonly Paint[] = [], b: readonly Paint[] = []) =>
  a.length === b.length && a.every((paint, i) => paint === b[i] || JSON.stringify(paint) === JSON.stringify(b[i]))

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

const sheetOf = ({ pxPerM, leftPx, topPx, fromX, manner }: PlanView): Sheet => ({
  manner,
  perM: pxPerM,
  left: leftPx - fromX * pxPerM,
  top: topPx,
})

/** Letters of small circles stand out over their rims. */
const LETTER_PX = 12

function circleDrawn(c: PlanCircle, { perM, left, top }: Sheet): Drawn {
  const half = Math.max(c.matureR, c.nowR) * perM + LETTER_PX
  const [x, y] = [left + c.x * perM, top + c.y * perM]
  return {
    id: c.body.at.id,
    look: [Math.round(2 * x), Math.round(2 * y), c.matureR, c.nowR, c.letter, c.fill, c.quiet],
    box: { left: x - half, right: x + half, top: y - half, bottom: y + half },
  }
}

/** So many circles are drawn in a few milliseconds. */
const CIRCLES_A_STEP = 60

function* circlesInSteps(context: CanvasRenderingContext2D, view: PlanView): Generator<void> {
  const { circles } = view.list
  for (let i = 0; i < circles.length; i += CIRCLES_A_STEP) {
    drawCircles(context, view, circles.slice(i, i + CIRCLES_A_STEP))
    yield
  }
}

/** Circles, large to small. */
function drawCircles(context: CanvasRenderingContext2D, view: PlanView, circles = view.list.circles) {
  const sheet = sheetOf(view)
  drawPaints(
    context,
    circles.flatMap((c) => circlePaints(c, sheet.perM)),
    sheet,
  )
}
