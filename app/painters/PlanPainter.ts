import Konva from 'konva'
import type { Wall } from '~~/core/bed'
import type { Point } from '~~/core/geometry'
import { circleAt, type Plan, type PlanCircle } from '~~/core/draw'
import { drawCircles } from './drawCircles'
import { drawFixtureAbove } from './drawFixtures'
import { FrameCache } from './FrameCache'
import type { Palette } from './palette'

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
}

const WALL_PX = 7

const frameKey = ({ pxPerM, leftPx, topPx, width, height }: PlanView) =>
  `${pxPerM}|${leftPx}|${topPx}|${width}|${height}`

/** Draws the plan with Konva: ground below, circles, and marks above. */
export class PlanPainter {
  readonly stage: Konva.Stage
  private readonly ground = new Konva.Layer({ listening: false })
  private readonly circles = new Konva.Layer({ listening: false })
  private readonly marks = new Konva.Layer({ listening: false })
  private view: PlanView | null = null
  private groundKey = ''
  private readonly frames = new FrameCache<Plan>()

  constructor(container: HTMLDivElement) {
    this.stage = new Konva.Stage({ container, width: 10, height: 10 })
    this.stage.add(this.ground, this.circles, this.marks)
    const add = (layer: Konva.Layer, draw: (c: CanvasRenderingContext2D) => void) =>
      layer.add(
        new Konva.Shape({
          sceneFunc: (context) => {
            if (this.view) draw(context._context)
          },
          perfectDrawEnabled: false,
        }),
      )
    add(this.ground, (c) => this.drawGround(c))
    add(this.circles, (c) => {
      const view = this.view!
      const ready = this.frames.get(view.list, frameKey(view))
      if (ready) c.drawImage(ready, 0, 0, view.width, view.height)
      else drawCircles(c, view)
    })
    add(this.marks, (c) => this.drawMarks(c))
  }

  show(view: PlanView) {
    const before = this.view
    this.view = view
    if (before?.width !== view.width || before.height !== view.height)
      this.stage.size({ width: view.width, height: view.height })
    const key = JSON.stringify([
      view.list.outlines,
      view.list.laneLines,
      view.list.fixtures,
      view.wall,
      view.pxPerM,
      view.leftPx,
      view.topPx,
      view.width,
      view.height,
      view.palette.paper,
    ])
    if (key !== this.groundKey) this.ground.draw()
    this.groundKey = key
    if (before?.list !== view.list || before.pxPerM !== view.pxPerM || before.width !== view.width)
      this.circles.draw()
    const unmarked = (v: PlanView | null) => v !== null && v.lit.size === 0 && v.chosen.size === 0
    if (!unmarked(before) || !unmarked(view)) this.marks.draw()
  }

  /** The place under a pixel, as the bed is turned. */
  toMetres(px: number, py: number) {
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
    this.stage.destroy()
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

  private x(m: number) {
    return this.view!.leftPx + (m - this.view!.fromX) * this.view!.pxPerM
  }
  private y(m: number) {
    return this.view!.topPx + m * this.view!.pxPerM
  }

  private drawGround(context: CanvasRenderingContext2D) {
    const { list, wall, palette, width, height, paved } = this.view!
    context.fillStyle = palette.card
    context.fillRect(0, 0, width, height)
    if (paved) this.drawGravel(context)
    for (const outline of list.outlines) {
      this.trace(context, outline, true)
      context.fillStyle = palette.soilLight
      context.fill()
      context.strokeStyle = palette.soil
      context.lineWidth = 1.5
      context.stroke()
    }
    context.save()
    context.setLineDash([2, 5])
    context.strokeStyle = palette.soil
    context.globalAlpha = 0.6
    context.lineWidth = 1
    for (const line of list.laneLines) {
      this.trace(context, line, false)
      context.stroke()
    }
    context.restore()
    for (const f of list.fixtures) drawFixtureAbove(context, f, this.x(f.x), this.y(f.y), this.view!.pxPerM)
    if (wall) this.drawWallStrip(context, wall)
  }

  private trace(context: CanvasRenderingContext2D, line: readonly Point[], closed: boolean) {
    context.beginPath()
    line.forEach((p, i) =>
      i === 0 ? context.moveTo(this.x(p.x), this.y(p.y)) : context.lineTo(this.x(p.x), this.y(p.y)),
    )
    if (closed) context.closePath()
  }

  /** Gravel or paving between the parts of a court or under pots. */
  private drawGravel(context: CanvasRenderingContext2D) {
    const all = this.view!.list.outlines.flat()
    const xs = all.map((p) => this.x(p.x))
    const ys = all.map((p) => this.y(p.y))
    const [x0, y0] = [Math.min(...xs) - 6, Math.min(...ys) - 6]
    context.fillStyle = '#e4dac6'
    context.fillRect(x0, y0, Math.max(...xs) + 6 - x0, Math.max(...ys) + 6 - y0)
  }

  private drawWallStrip(context: CanvasRenderingContext2D, wall: Wall) {
    const { fromX, toX } = this.view!
    const y = this.y(0) - WALL_PX
    context.fillStyle = wall.colour
    context.fillRect(this.x(fromX), y, (toX - fromX) * this.view!.pxPerM, WALL_PX)
    for (const o of wall.openings) {
      context.fillStyle = '#efe6cf'
      context.fillRect(this.x(o.x), y, o.widthM * this.view!.pxPerM, WALL_PX)
      context.fillStyle = '#5b6c71'
      context.fillRect(this.x(o.x), y + WALL_PX / 2 - 1, o.widthM * this.view!.pxPerM, 2)
    }
  }

  private drawMarks(context: CanvasRenderingContext2D) {
    const { list, palette, lit, chosen, pxPerM } = this.view!
    context.strokeStyle = palette.amber
    for (const c of list.circles) {
      const id = c.body.at.id
      if (!lit.has(id) && !chosen.has(id)) continue
      context.lineWidth = lit.has(id) ? 3 : 2.4
      context.beginPath()
      context.arc(this.x(c.x), this.y(c.y), Math.max(4, c.matureR * pxPerM + 1.5), 0, Math.PI * 2)
      context.stroke()
    }
  }
}
