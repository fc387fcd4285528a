import type { Point } from '~~/core/geometry'
import {
  bedsOnSitePaints,
  ghostPaints,
  handlePaints,
  pointPaints,
  scaleBarPaints,
  shadowPaints,
  siteGroundPaints,
  siteThingPaints,
  sketchPaints,
  tapePaints,
  type Palette,
  type Sheet,
} from '~~/core/draw'
import type { FoundLine } from '~~/core/exchange'
import type { LightGrid } from '~~/core/light'
import type { PlacedThing } from '~~/core/site'
import type { LaidBed } from '~/utils/laidBed'
import type { Manner } from '~~/core/measure'
import { drawPaints } from './canvasPen'
import { Layers } from './Layers'
import { mapPicture } from './mapPicture'

interface SiteView {
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
  readonly ghost: readonly FoundLine[]
  readonly palette: Palette
  /** How figures are written; metric when left out. */
  readonly manner?: Manner
}

interface Box {
  readonly x: number
  readonly y: number
  readonly widthM: number
  readonly heightM: number
}

/** Draws the site plan: ground, light, what stands, and marks above. */
export class SitePainter {
  private readonly layers: Layers<'ground' | 'marks'>
  private view: SiteView | null = null

  constructor(holder: HTMLElement) {
    this.layers = new Layers(holder, { ground: (c) => this.drawGround(c), marks: (c) => this.drawMarks(c) }, [
      { live: 'ground' },
      { live: 'marks' },
    ])
  }

  show(view: SiteView) {
    this.view = view
    this.layers.resize(view.width, view.height)
    this.layers.drawSoon('ground')
    this.layers.drawSoon('marks')
  }

  destroy() {
    this.layers.destroy()
  }

  private sheet(): Sheet {
    const { at, pxPerM, width, height, manner } = this.view!
    return { manner, perM: pxPerM, left: width / 2 - at.x * pxPerM, top: height / 2 + at.y * pxPerM }
  }

  private drawGround(c: CanvasRenderingContext2D) {
    const { width, height, palette, things, beds, points, base, map, shadows } = this.view!
    const sheet = this.sheet()
    c.fillStyle = palette.card
    c.fillRect(0, 0, width, height)
    if (base) drawPicture(c, base.image, base, sheet, 0.6)
    drawPaints(c, siteGroundPaints(things), sheet)
    if (map) this.drawMap(c, map, sheet)
    const standing = siteThingPaints(things)
    const named = [...standing, ...points.flatMap((p) => pointPaints(p.name, p.at, false, palette))]
    drawPaints(c, bedsOnSitePaints(beds, named, palette, map !== null, sheet.perM), sheet)
    for (const s of shadows) drawPaints(c, shadowPaints(s.outlines, s.pass), sheet)
    drawPaints(c, standing, sheet)
  }

  private drawMap(c: CanvasRenderingContext2D, { grid, hours }: NonNullable<SiteView['map']>, sheet: Sheet) {
    const { x0: x, y0: y, cols, rows, cellM } = grid
    c.imageSmoothingEnabled = false
    drawPicture(c, mapPicture(grid, hours), { x, y, widthM: cols * cellM, heightM: rows * cellM }, sheet, 0.82)
    c.imageSmoothingEnabled = true
  }

  private drawMarks(c: CanvasRenderingContext2D) {
    const { points, chosenId, handles, tape, sketch, ghost, palette, height } = this.view!
    const sheet = this.sheet()
    const { perM, left, top } = sheet
    for (const p of points) drawPaints(c, pointPaints(p.name, p.at, p.id === chosenId, palette), sheet)
    drawPaints(c, ghostPaints(ghost, palette), sheet)
    drawPaints(c, sketchPaints(sketch, palette), sheet)
    for (const h of handles) drawPaints(c, handlePaints(h, palette), sheet)
    drawPaints(c, tapePaints(tape, palette), sheet)
    const corner = { x: (16 - left) / perM, y: (top - height + 14) / perM }
    drawPaints(c, scaleBarPaints(corner, palette, perM, sheet.manner?.units), sheet)
  }
}

/** A picture in a box of the plan, its left foot at (x, y). */
function drawPicture(
  c: CanvasRenderingContext2D,
  picture: CanvasImageSource,
  { x, y, widthM, heightM }: Box,
  { perM, left, top }: Sheet,
  alpha: number,
) {
  c.globalAlpha = alpha
  c.drawImage(picture, left + x * perM, top - (y + heightM) * perM, widthM * perM, heightM * perM)
  c.globalAlpha = 1
}
