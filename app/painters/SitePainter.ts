import Konva from 'konva'
import type { Point } from '~~/core/geometry'
import type { LightGrid } from '~~/core/light'
import type { PlacedThing } from '~~/core/site'
import type { LaidBed } from '~/composables/useSite'
import { drawBed, drawThing, type SiteScale } from './drawSite'
import type { Palette } from './palette'
import { sunColour } from './sunColours'

export interface SiteView {
  readonly width: number
  readonly height: number
  /** The place in the middle of the picture, and the scale. */
  readonly at: Point
  readonly pxPerM: number
  readonly things: readonly PlacedThing[]
  readonly beds: readonly LaidBed[]
  readonly points: readonly { readonly id: string; readonly name: string; readonly at: Point }[]
  readonly base: {
    readonly image: HTMLImageElement
    readonly x: number
    readonly y: number
    readonly widthM: number
    readonly heightM: number
  } | null
  readonly shadows: readonly { readonly pass: number; readonly outlines: readonly (readonly Point[])[] }[]
  readonly map: { readonly grid: LightGrid; readonly hours: Float32Array } | null
  readonly chosenId: string | null
  readonly handles: readonly Point[]
  readonly tape: readonly Point[]
  readonly sketch: readonly Point[]
  readonly palette: Palette
}

/** Draws the site plan with Konva: ground, light, what stands, and marks above. */
export class SitePainter {
  readonly stage: Konva.Stage
  private readonly ground = new Konva.Layer({ listening: false })
  private readonly marks = new Konva.Layer({ listening: false })
  private view: SiteView | null = null
  private mapPicture: { hours: Float32Array; canvas: HTMLCanvasElement } | null = null

  constructor(container: HTMLDivElement) {
    this.stage = new Konva.Stage({ container, width: 10, height: 10 })
    this.stage.add(this.ground, this.marks)
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
    add(this.marks, (c) => this.drawMarks(c))
  }

  show(view: SiteView) {
    const before = this.view
    this.view = view
    if (before?.width !== view.width || before.height !== view.height)
      this.stage.size({ width: view.width, height: view.height })
    this.ground.batchDraw()
    this.marks.batchDraw()
  }

  destroy() {
    this.stage.destroy()
  }

  private scale(): SiteScale {
    const { at, pxPerM, width, height } = this.view!
    return { pxPerM, x: (m) => width / 2 + (m - at.x) * pxPerM, y: (m) => height / 2 - (m - at.y) * pxPerM }
  }

  private drawGround(c: CanvasRenderingContext2D) {
    const { width, height, palette, things, beds, base, map, shadows } = this.view!
    const scale = this.scale()
    c.fillStyle = palette.card
    c.fillRect(0, 0, width, height)
    if (base) {
      c.globalAlpha = 0.6
      c.drawImage(
        base.image,
        scale.x(base.x),
        scale.y(base.y + base.heightM),
        base.widthM * scale.pxPerM,
        base.heightM * scale.pxPerM,
      )
      c.globalAlpha = 1
    }
    for (const t of things) if (t.kind === 'surface' || t.kind === 'terrace') drawThing(c, t, scale)
    if (map) this.drawMap(c, map, scale)
    for (const bed of beds) drawBed(c, bed, scale, palette, map !== null)
    for (const s of shadows) drawShadow(c, s, scale)
    for (const kind of ['service', 'fence', 'building', 'feature', 'tree', 'target', 'viewpoint'] as const)
      for (const t of things) if (t.kind === kind) drawThing(c, t, scale)
  }

  private drawMap(c: CanvasRenderingContext2D, { grid, hours }: NonNullable<SiteView['map']>, scale: SiteScale) {
    if (this.mapPicture?.hours !== hours) this.mapPicture = { hours, canvas: mapCanvas(grid, hours) }
    c.save()
    c.globalAlpha = 0.82
    c.imageSmoothingEnabled = false
    c.drawImage(
      this.mapPicture.canvas,
      scale.x(grid.x0),
      scale.y(grid.y0 + grid.rows * grid.cellM),
      grid.cols * grid.cellM * scale.pxPerM,
      grid.rows * grid.cellM * scale.pxPerM,
    )
    c.restore()
  }

  private drawMarks(c: CanvasRenderingContext2D) {
    const { points, chosenId, handles, tape, sketch, palette } = this.view!
    const scale = this.scale()
    c.font = '600 11px "Inter Variable", sans-serif'
    c.textAlign = 'left'
    c.textBaseline = 'middle'
    for (const p of points) {
      const [x, y] = [scale.x(p.at.x), scale.y(p.at.y)]
      c.strokeStyle = p.id === chosenId ? palette.amber : palette.ink
      c.lineWidth = p.id === chosenId ? 2.5 : 1.3
      c.beginPath()
      c.moveTo(x - 5, y)
      c.lineTo(x + 5, y)
      c.moveTo(x, y - 5)
      c.lineTo(x, y + 5)
      c.stroke()
      label(c, p.name, x + 8, y - 8, palette)
    }
    if (sketch.length > 1) {
      c.strokeStyle = palette.amber
      c.lineWidth = 2
      c.setLineDash([6, 4])
      c.beginPath()
      sketch.forEach((p, i) =>
        i === 0 ? c.moveTo(scale.x(p.x), scale.y(p.y)) : c.lineTo(scale.x(p.x), scale.y(p.y)),
      )
      c.stroke()
      c.setLineDash([])
    }
    for (const h of handles) {
      c.beginPath()
      c.arc(scale.x(h.x), scale.y(h.y), 6, 0, Math.PI * 2)
      c.fillStyle = palette.amber
      c.fill()
      c.strokeStyle = palette.card
      c.lineWidth = 2
      c.stroke()
    }
    if (tape.length === 2) {
      const [a, b] = tape as [Point, Point]
      c.strokeStyle = palette.ink
      c.lineWidth = 1.6
      c.beginPath()
      c.moveTo(scale.x(a.x), scale.y(a.y))
      c.lineTo(scale.x(b.x), scale.y(b.y))
      c.stroke()
      label(
        c,
        `${Math.hypot(a.x - b.x, a.y - b.y).toFixed(2)} m`,
        (scale.x(a.x) + scale.x(b.x)) / 2 + 6,
        (scale.y(a.y) + scale.y(b.y)) / 2 - 8,
        palette,
      )
    }
    this.drawBar(c, scale)
  }

  /** A scale bar of a round length. */
  private drawBar(c: CanvasRenderingContext2D, scale: SiteScale) {
    const { height, palette } = this.view!
    const length = [0.5, 1, 2, 5, 10, 20, 50].find((m) => m * scale.pxPerM > 70) ?? 100
    c.strokeStyle = palette.ink
    c.lineWidth = 1.5
    c.beginPath()
    c.moveTo(16, height - 20)
    c.lineTo(16, height - 14)
    c.lineTo(16 + length * scale.pxPerM, height - 14)
    c.lineTo(16 + length * scale.pxPerM, height - 20)
    c.stroke()
    c.fillStyle = palette.ink
    c.font = '11px "Inter Variable", sans-serif'
    c.fillText(`${length} m`, 20, height - 24)
  }
}

function label(c: CanvasRenderingContext2D, text: string, x: number, y: number, palette: Palette) {
  c.lineWidth = 3
  c.strokeStyle = palette.card
  c.strokeText(text, x, y)
  c.fillStyle = palette.ink
  c.fillText(text, x, y)
}

function drawShadow(
  c: CanvasRenderingContext2D,
  { pass, outlines }: SiteView['shadows'][number],
  scale: SiteScale,
) {
  c.fillStyle = `rgba(38, 44, 66, ${0.42 * (1 - pass)})`
  // All faces of a thing turn one way: filled as one, they do not darken each other.
  c.beginPath()
  for (const o of outlines) {
    o.forEach((p, i) => (i === 0 ? c.moveTo(scale.x(p.x), scale.y(p.y)) : c.lineTo(scale.x(p.x), scale.y(p.y))))
    c.closePath()
  }
  c.fill('nonzero')
}

function mapCanvas(grid: LightGrid, hours: Float32Array): HTMLCanvasElement {
  const canvas = document.createElement('canvas')
  canvas.width = grid.cols
  canvas.height = grid.rows
  const context = canvas.getContext('2d')!
  const image = context.createImageData(grid.cols, grid.rows)
  for (let r = 0; r < grid.rows; r++) {
    for (let col = 0; col < grid.cols; col++) {
      const colour = Number.parseInt(sunColour(hours[r * grid.cols + col]!).slice(1), 16)
      // The raster's rows go up, the picture's go down.
      const k = ((grid.rows - 1 - r) * grid.cols + col) * 4
      image.data[k] = colour >> 16
      image.data[k + 1] = (colour >> 8) & 255
      image.data[k + 2] = colour & 255
      image.data[k + 3] = 255
    }
  }
  context.putImageData(image, 0, 0)
  return canvas
}
