import Konva from 'konva'
import { figureAt, type Elevation, type Figure, type TargetMark } from '~~/core/draw'
import { FrameCache } from './FrameCache'
import { drawFixture } from './drawFixtures'
import { drawGround } from './drawGround'
import { drawWall, type PictureScale } from './drawWall'
import type { Palette } from './palette'
import { SpriteCache, type Sprite } from './spriteCache'

export interface ElevationView {
  readonly list: Elevation
  readonly width: number
  readonly height: number
  readonly pxPerM: number
  readonly leftPx: number
  readonly palette: Palette
  readonly lit: ReadonlySet<string>
  readonly chosen: ReadonlySet<string>
  /** Views to keep or to hide beyond the bed. */
  readonly targets?: readonly TargetMark[]
  /** Without ruler and sill lines, for a small picture. */
  readonly bare?: boolean
}

/** Time a repaint may spend on new portraits before it shows what it has and finishes in the next frame. */
const BUDGET_MS = 8
const FRONT_STRIP_PX = 12

const sprites = new SpriteCache()

/** Draws the elevation with Konva: wall, planting and marks on layers of their own, so that a hover redraws only the marks. */
export class ElevationPainter {
  private readonly stage: Konva.Stage
  private readonly back = new Konva.Layer({ listening: false })
  private readonly planting = new Konva.Layer({ listening: false })
  private readonly marks = new Konva.Layer({ listening: false })
  private view: ElevationView | null = null
  private backKey = ''
  private marksKey = ''
  private frame = 0
  private readonly frames = new FrameCache<Elevation>()

  constructor(container: HTMLDivElement) {
    this.stage = new Konva.Stage({ container, width: 10, height: 10 })
    this.stage.add(this.back, this.planting, this.marks)
    this.addShape(this.back, (c) => this.drawBack(c))
    this.addShape(this.planting, (c) => this.showPlanting(c))
    this.addShape(this.marks, (c) => this.drawMarks(c))
  }

  show(view: ElevationView) {
    const before = this.view
    this.view = view
    if (before?.width !== view.width || before.height !== view.height)
      this.stage.size({ width: view.width, height: view.height })
    const backKey = JSON.stringify([
      view.list.wall,
      view.list.fromX,
      view.list.toX,
      view.list.frontBaseM,
      view.list.grounds,
      view.list.raisedM,
      view.list.fallM,
      view.pxPerM,
      view.leftPx,
      view.width,
      view.height,
      view.palette.paper,
    ])
    if (backKey !== this.backKey) this.back.draw()
    this.backKey = backKey
    if (
      before?.list !== view.list ||
      before.pxPerM !== view.pxPerM ||
      before.width !== view.width ||
      before.height !== view.height
    )
      this.planting.draw()
    const unmarked = (v: ElevationView | null) => v !== null && v.lit.size === 0 && v.chosen.size === 0
    const sameMarks =
      backKey === this.marksKey && unmarked(before) && unmarked(view) && before?.targets === view.targets
    if (!sameMarks) this.marks.draw()
    this.marksKey = backKey
  }

  /** The plant under a point of the picture, or null. */
  hit(px: number, py: number): Figure | null {
    if (!this.view) return null
    const { list, pxPerM, leftPx } = this.view
    return figureAt(list, (px - leftPx) / pxPerM + list.fromX, (this.footPx() - py) / pxPerM)
  }

  destroy() {
    cancelAnimationFrame(this.frame)
    this.frames.clear()
    this.stage.destroy()
  }

  private addShape(layer: Konva.Layer, draw: (context: CanvasRenderingContext2D) => void) {
    layer.add(
      new Konva.Shape({
        sceneFunc: (context) => {
          if (this.view) draw(context._context)
        },
        perfectDrawEnabled: false,
      }),
    )
  }

  /** Draws what other lists will show at the same scale, portrait by portrait and then the whole frame; one step at a time. */
  *ahead(lists: Iterable<Elevation>): Generator<void> {
    for (const list of lists) {
      const now = this.view
      if (!now) return
      const view = { ...now, list }
      for (const f of list.figures) {
        sprites.get(f.body, f.variant, now.pxPerM * ratioNow())
        yield
      }
      this.frames.draw(list, frameKey(view), view.width, view.height, (c) => {
        drawFigures(c, view)
      })
      yield
    }
  }

  private footPx() {
    return footPx(this.view!)
  }

  private scale(): PictureScale {
    return scaleOf(this.view!)
  }

  private drawBack(context: CanvasRenderingContext2D) {
    const { width, height, palette, list } = this.view!
    const scale = this.scale()
    const foot = this.footPx()
    context.fillStyle = palette.sky
    context.fillRect(0, 0, width, height)
    if (list.wall) drawWall(context, list.wall, scale, list.fromX, list.toX)
    drawGround(context, list, scale, { width, height, frontPx: FRONT_STRIP_PX, palette })
    if (!this.view!.bare) this.drawRuler(context, scale, foot)
  }

  private drawRuler(context: CanvasRenderingContext2D, scale: PictureScale, foot: number) {
    const { palette, leftPx } = this.view!
    context.font = '11px "Inter Variable", sans-serif'
    context.fillStyle = palette.soft
    context.strokeStyle = palette.soft
    context.textAlign = 'right'
    context.textBaseline = 'middle'
    context.lineWidth = 1
    for (let m = 0; scale.z(m) > 14; m += 0.5) {
      const y = Math.round(scale.z(m)) + 0.5
      const whole = m % 1 === 0
      context.beginPath()
      context.moveTo(leftPx - (whole ? 11 : 6), y)
      context.lineTo(leftPx - 2, y)
      context.stroke()
      if (whole) context.fillText(m === 0 ? '0' : `${m} m`, leftPx - 15, Math.min(y, foot))
    }
  }

  private showPlanting(context: CanvasRenderingContext2D) {
    const view = this.view!
    const ready = this.frames.get(view.list, frameKey(view))
    cancelAnimationFrame(this.frame)
    if (ready) context.drawImage(ready, 0, 0, view.width, view.height)
    else if (!drawFigures(context, view, performance.now() + BUDGET_MS))
      this.frame = requestAnimationFrame(() => this.planting.draw())
  }

  private drawMarks(context: CanvasRenderingContext2D) {
    const { list, palette, lit, chosen } = this.view!
    const scale = this.scale()
    if (!this.view!.bare) this.drawSills(context, scale)
    for (const t of this.view!.targets ?? []) drawTarget(context, t, scale)
    for (const [ids, colour, width] of [
      [lit, palette.amber, 2.5],
      [chosen, palette.amber, 2],
    ] as const) {
      if (ids.size === 0) continue
      context.strokeStyle = colour
      context.lineWidth = width
      for (const f of list.figures) if (ids.has(f.body.at.id)) frameFigure(context, f, scale)
    }
  }

  private drawSills(context: CanvasRenderingContext2D, scale: PictureScale) {
    const { list } = this.view!
    context.save()
    context.setLineDash([3, 4])
    context.lineWidth = 1
    context.font = '10.5px "Inter Variable", sans-serif'
    context.textBaseline = 'bottom'
    for (const o of list.wall?.openings ?? []) {
      if (o.sillM < 0.3) continue
      const y = Math.round(scale.z(o.sillM)) + 0.5
      context.strokeStyle = '#2b2621'
      context.globalAlpha = 0.55
      context.beginPath()
      context.moveTo(scale.x(o.x) - 16, y)
      context.lineTo(scale.x(o.x + o.widthM) + 16, y)
      context.stroke()
      context.globalAlpha = 1
      context.fillStyle = '#f6f1e7'
      context.textAlign = 'left'
      context.fillText(`sill ${o.sillM} m`, scale.x(o.x) + 5, y - 3)
    }
    context.restore()
  }
}

/** A frame where a view lies beyond the bed, with its name above it. */
function drawTarget(context: CanvasRenderingContext2D, t: TargetMark, scale: PictureScale) {
  context.save()
  context.setLineDash(t.wish === 'keep' ? [2, 4] : [7, 3])
  context.strokeStyle = t.wish === 'keep' ? '#2f4f2c' : '#7a2f22'
  context.lineWidth = 1.4
  const [x, y] = [scale.x(t.fromX), scale.z(t.toM)]
  context.strokeRect(x, y, scale.x(t.toX) - x, scale.z(t.fromM) - y)
  context.font = '11px "Inter Variable", sans-serif'
  context.textAlign = 'center'
  context.textBaseline = 'bottom'
  context.setLineDash([])
  context.lineWidth = 3
  context.strokeStyle = 'rgba(251, 247, 238, 0.85)'
  context.strokeText(t.label, (x + scale.x(t.toX)) / 2, y - 3)
  context.fillStyle = t.wish === 'keep' ? '#2f4f2c' : '#7a2f22'
  context.fillText(t.label, (x + scale.x(t.toX)) / 2, y - 3)
  context.restore()
}

const ratioNow = () => Math.min(2, window.devicePixelRatio || 1)

const frameKey = ({ pxPerM, leftPx, width, height }: ElevationView) => `${pxPerM}|${leftPx}|${width}|${height}`

/** A bed on open ground stands somewhat up the picture: grass before it, sky behind. */
const LIFT = 0.4

function footPx({ height, list, pxPerM }: ElevationView): number {
  const foot = height - FRONT_STRIP_PX + (list.frontBaseM - list.raisedM) * pxPerM
  if (list.grounds.length === 0) return foot
  return foot - Math.max(0, foot - (list.topM + 0.3) * pxPerM) * LIFT
}

function scaleOf(view: ElevationView): PictureScale {
  const { pxPerM, leftPx, list } = view
  const foot = footPx(view)
  return { pxPerM, x: (m) => leftPx + (m - list.fromX) * pxPerM, z: (m) => foot - m * pxPerM }
}

/** Draws the plants far to near; after `until` only with portraits there are. False when some still wait for theirs. */
function drawFigures(context: CanvasRenderingContext2D, view: ElevationView, until = Infinity): boolean {
  const scale = scaleOf(view)
  const px = view.pxPerM * ratioNow()
  let whole = true
  const { fixtures } = view.list
  let stood = 0
  const standFixtures = (until: number) => {
    for (; stood < fixtures.length && fixtures[stood]!.after <= until; stood++)
      drawFixture(context, fixtures[stood]!, scale)
  }
  // Pots stand behind what trails over their rims.
  for (const f of fixtures) if (f.look === 'pot') drawFixture(context, f, scale)
  for (const [i, figure] of view.list.figures.entries()) {
    if (fixtures[0]?.look !== 'pot') standFixtures(i)
    const late = performance.now() > until && !sprites.has(figure.body, figure.variant, px)
    if (late) whole = false
    const sprite = late
      ? sprites.standIn(figure.body, figure.variant)
      : sprites.get(figure.body, figure.variant, px)
    if (sprite) drawFigure(context, figure, scale, sprite)
  }
  if (fixtures[0]?.look !== 'pot') standFixtures(Infinity)
  return whole
}

function drawFigure(context: CanvasRenderingContext2D, figure: Figure, scale: PictureScale, sprite: Sprite) {
  const { body } = figure
  const across = ((body.spreadM / sprite.spreadM) * figure.scale * scale.pxPerM) / sprite.pxPerM
  const up =
    ((Math.max(body.foliageM, body.flowerM) / sprite.heightM) * figure.scale * scale.pxPerM) / sprite.pxPerM
  const x = scale.x(figure.x)
  const y = scale.z(figure.baseM)
  context.fillStyle = 'rgba(35, 27, 18, 0.28)'
  if (body.at.plant.kind !== 'climber' && body.look.state !== 'bare') {
    context.beginPath()
    context.ellipse(
      x,
      y,
      (body.spreadM / 2) * scale.pxPerM * 0.92,
      Math.max(1.5, body.spreadM * scale.pxPerM * 0.06),
      0,
      0,
      Math.PI * 2,
    )
    context.fill()
  }
  context.save()
  context.translate(x, y)
  context.scale(figure.mirrored ? -across : across, up)
  context.drawImage(sprite.canvas, -sprite.footX, -sprite.footY)
  context.restore()
}

function frameFigure(context: CanvasRenderingContext2D, figure: Figure, scale: PictureScale) {
  const { body } = figure
  const half = (body.spreadM / 2) * scale.pxPerM + 2
  const top = scale.z(figure.baseM + Math.max(body.foliageM, body.flowerM, 0.08)) - 3
  context.beginPath()
  context.roundRect(scale.x(figure.x) - half, top, 2 * half, scale.z(figure.baseM) + 3 - top, 5)
  context.stroke()
}
