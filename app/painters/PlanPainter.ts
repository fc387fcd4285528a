import Konva from 'konva'
import type { BedFrame, Wall } from '~~/core/bed'
import { seeded } from '~~/core/geometry'
import { lighten, lightness, mix } from '~~/core/colour'
import { circleAt, type Plan, type PlanCircle } from '~~/core/view'
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

const LEAST_LETTER_PX = 7
const WALL_PX = 7

const inks = new Map<string, { edge: string; ink: string }>()

/** The edge and the letter of a circle: ink on pale leaves, paper on dark ones. */
function inksOf(fill: string) {
  let known = inks.get(fill)
  if (!known) {
    const dark = lightness(mix(fill, '#e5d8c0', 0.3)) < 0.6
    inks.set(fill, (known = { edge: lighten(fill, -0.22), ink: dark ? '#fdf8ec' : '#2b2621' }))
  }
  return known
}

/** Draws the plan with Konva: ground below, circles, and marks above. */
export class PlanPainter {
  readonly stage: Konva.Stage
  private readonly ground = new Konva.Layer({ listening: false })
  private readonly circles = new Konva.Layer({ listening: false })
  private readonly marks = new Konva.Layer({ listening: false })
  private view: PlanView | null = null
  private groundKey = ''
  private fontPx = 0

  constructor(container: HTMLDivElement) {
    this.stage = new Konva.Stage({ container, width: 10, height: 10 })
    this.stage.add(this.ground, this.circles, this.marks)
    const add = (layer: Konva.Layer, draw: (c: CanvasRenderingContext2D) => void) =>
      layer.add(new Konva.Shape({ sceneFunc: (context) => { if (this.view) draw(context._context) }, perfectDrawEnabled: false }))
    add(this.ground, (c) => this.drawGround(c))
    add(this.circles, (c) => {
      this.fontPx = 0
      for (const circle of this.view!.list.circles) this.drawCircle(c, circle)
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

  destroy() { this.stage.destroy() }

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

  private drawCircle(context: CanvasRenderingContext2D, circle: PlanCircle) {
    const { pxPerM } = this.view!
    const x = this.x(circle.x)
    const y = this.y(circle.y)
    const r = circle.matureR * pxPerM
    const { edge, ink } = inksOf(circle.fill)
    context.globalAlpha = 0.3
    context.fillStyle = circle.fill
    context.beginPath()
    context.arc(x, y, r, 0, Math.PI * 2)
    context.fill()
    context.globalAlpha = 0.9
    context.lineWidth = 1
    context.strokeStyle = edge
    context.stroke()
    if (circle.nowR > 0) {
      context.globalAlpha = 0.62
      context.beginPath()
      context.arc(x, y, Math.min(circle.nowR, circle.matureR) * pxPerM, 0, Math.PI * 2)
      context.fill()
    }
    context.globalAlpha = 0.55
    context.lineWidth = 0.7
    context.beginPath()
    const random = seeded(circle.body.at.seed)
    const rays = r > 14 ? 9 : 6
    for (let i = 0; i < rays; i++) {
      const angle = ((i + random() * 0.7) / rays) * Math.PI * 2
      context.moveTo(x + Math.cos(angle) * r * 0.45, y + Math.sin(angle) * r * 0.45)
      context.lineTo(x + Math.cos(angle) * r * 0.92, y + Math.sin(angle) * r * 0.92)
    }
    context.stroke()
    context.globalAlpha = 1
    if (r >= LEAST_LETTER_PX) this.drawLetter(context, circle, ink, x, y, r)
    if (circle.body.at.pinned) {
      context.fillStyle = edge
      context.beginPath()
      context.arc(x, y - r, 2.4, 0, Math.PI * 2)
      context.fill()
    }
  }

  private drawLetter(context: CanvasRenderingContext2D, circle: PlanCircle, ink: string, x: number, y: number, r: number) {
    // Setting a font is the slowest thing here: circles come by size, so it seldom changes.
    const px = Math.round(Math.max(8, Math.min(13, r * 0.75)))
    if (px !== this.fontPx) {
      context.font = `600 ${px}px "Inter Variable", sans-serif`
      context.textAlign = 'center'
      context.textBaseline = 'middle'
      this.fontPx = px
    }
    context.fillStyle = ink
    context.fillText(circle.letter, x, y + 0.5)
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
