import Konva from 'konva'
import type { BedFrame, Wall } from '~~/core/bed'
import { circleAt, type Plan, type PlanCircle } from '~~/core/view'
import { drawCircles } from './drawCircles'
import { FrameCache } from './FrameCache'
import type { Palette } from './palette'

export interface PlanView {
  readonly list: Plan
  readonly frame: BedFrame
  readonly wall: Wall | null
  readonly laneLines: readonly number[]
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

const frameKey = ({ pxPerM, leftPx, topPx, width, height }: PlanView) => `${pxPerM}|${leftPx}|${topPx}|${width}|${height}`

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
      layer.add(new Konva.Shape({ sceneFunc: (context) => { if (this.view) draw(context._context) }, perfectDrawEnabled: false }))
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
    if (before?.width !== view.width || before.height !== view.height) this.stage.size({ width: view.width, height: view.height })
    const key = JSON.stringify([view.list.front, view.list.back, view.wall, view.laneLines, view.pxPerM, view.leftPx, view.topPx, view.width, view.height, view.palette.paper])
    if (key !== this.groundKey) this.ground.draw()
    this.groundKey = key
    if (before?.list !== view.list || before.pxPerM !== view.pxPerM || before.width !== view.width) this.circles.draw()
    const unmarked = (v: PlanView | null) => v !== null && v.lit.size === 0 && v.chosen.size === 0
    if (!unmarked(before) || !unmarked(view)) this.marks.draw()
  }

  toMetres(px: number, py: number) {
    const { pxPerM, leftPx, topPx, frame } = this.view!
    return { x: (px - leftPx) / pxPerM + frame.firstX, y: (py - topPx) / pxPerM }
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
  * ahead(lists: Iterable<Plan>): Generator<void> {
    for (const list of lists) {
      const now = this.view
      if (!now) return
      const view = { ...now, list }
      this.frames.draw(list, frameKey(view), view.width, view.height, (c) => drawCircles(c, view))
      yield
    }
  }

  private x(m: number) { return this.view!.leftPx + (m - this.view!.frame.firstX) * this.view!.pxPerM }
  private y(m: number) { return this.view!.topPx + m * this.view!.pxPerM }

  private drawGround(context: CanvasRenderingContext2D) {
    const { list, wall, frame, palette, laneLines, width, height } = this.view!
    context.fillStyle = palette.card
    context.fillRect(0, 0, width, height)
    context.beginPath()
    list.back.forEach((p, i) => (i === 0 ? context.moveTo(this.x(p.x), this.y(p.y)) : context.lineTo(this.x(p.x), this.y(p.y))))
    for (const p of [...list.front].reverse()) context.lineTo(this.x(p.x), this.y(p.y))
    context.closePath()
    context.fillStyle = palette.soilLight
    context.fill()
    context.strokeStyle = palette.soil
    context.lineWidth = 1.5
    context.stroke()
    context.save()
    context.setLineDash([2, 5])
    context.strokeStyle = palette.soil
    context.globalAlpha = 0.6
    context.lineWidth = 1
    for (const t of laneLines) {
      context.beginPath()
      for (let i = 0; i <= 60; i++) {
        const m = frame.firstX + ((frame.lastX - frame.firstX) * i) / 60
        const y = frame.back.yAt(m) + t * frame.depthAt(m)
        if (i === 0) context.moveTo(this.x(m), this.y(y))
        else context.lineTo(this.x(m), this.y(y))
      }
      context.stroke()
    }
    context.restore()
    if (wall) this.drawWallStrip(context, wall)
  }

  private drawWallStrip(context: CanvasRenderingContext2D, wall: Wall) {
    const { frame } = this.view!
    const y = this.y(0) - WALL_PX
    context.fillStyle = wall.colour
    context.fillRect(this.x(frame.firstX), y, (frame.lastX - frame.firstX) * this.view!.pxPerM, WALL_PX)
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
