import {
  elevationBackPaints,
  elevationMarkPaints,
  elevationOrder,
  figureAt,
  rectPath,
  rulerPaints,
  sillPaints,
  targetPaints,
  type Elevation,
  type Figure,
  type Palette,
  QUIET_ALPHA,
  type Sheet,
  type TargetMark,
} from '~~/core/draw'
import { topM } from '~~/core/layout'
import type { Manner } from '~~/core/measure'
import { drawPaints } from './canvasPen'
import { changedParts, meetsParts, type Drawn, type Part } from './changedPart'
import { FrameCache } from './FrameCache'
import { KeptDrawn } from './KeptDrawn'
import { Layers } from './Layers'
import { PortraitPass } from './PortraitPass'
import { SpriteCache, spriteKey, type Sprite } from './spriteCache'

interface ElevationView {
  readonly list: Elevation
  readonly width: number
  readonly height: number
  readonly pxPerM: number
  readonly leftPx: number
  readonly palette: Palette
  /** How figures are written; metric when left out. */
  readonly manner?: Manner
  readonly lit: ReadonlySet<string>
  readonly chosen: ReadonlySet<string>
  /** Views to keep or to hide beyond the bed. */
  readonly targets?: readonly TargetMark[]
  /** Without ruler and sill lines, for a small picture. */
  readonly bare?: boolean
}

/** While portraits are being drawn, how often what is there is shown, and how many times as long as that took they go on for first. */
const SHOWN_EVERY_MS = 120
const DRAWN_TO_SHOWN = 4
/** Room for the ruler of heights and its names. */
const RULER_PX = 56
const FRONT_STRIP_PX = 12

const sprites = new SpriteCache()

/** Draws the elevation: what stands behind, planting and marks on layers of their own, so that a hover redraws only the marks. */
export class ElevationPainter {
  private readonly layers: Layers<'back' | 'planting' | 'lines' | 'marks'>
  private view: ElevationView | null = null
  private backKey = ''
  private readonly frames = new FrameCache<Elevation>()
  /** The plants as they stand on the screen, and the scale they were drawn at; null while some wait for their portraits. */
  private drawn: readonly Drawn[] | null = null
  private drawnAt = ''
  private readonly kept = new KeptDrawn<Figure>()
  private readonly portraits = new PortraitPass(sprites)

  /** `whole` is told whenever all portraits of what is shown are drawn. */
  constructor(
    holder: HTMLElement,
    private readonly whole: () => void = () => undefined,
  ) {
    this.layers = new Layers(
      holder,
      {
        back: (c) => this.drawBack(c),
        planting: (c) => this.drawPlanting(c),
        lines: (c) => this.drawLines(c),
        marks: (c) => this.drawMarks(c),
      },
      [
        { under: 'back', live: 'planting' },
        { under: 'lines', live: 'marks' },
      ],
    )
  }

  show(view: ElevationView) {
    const before = this.view
    this.view = view
    const isNew = this.layers.resize(view.width, view.height)
    const backKey = backKeyOf(view)
    const isBackNew = isNew || backKey !== this.backKey
    this.backKey = backKey
    if (isBackNew) this.layers.draw('back')
    if (isNew || isOther(before, view)) this.showPlanting(isNew)
    if (isBackNew || JSON.stringify(before?.targets) !== JSON.stringify(view.targets)) this.layers.draw('lines')
    if (isNew || hasMarks(before) || hasMarks(view)) this.layers.draw('marks')
    this.layers.finish()
  }

  /** The plant under a point of the picture, or null. */
  hit(px: number, py: number): Figure | null {
    if (!this.view) return null
    const { perM, left, top } = sheetOf(this.view)
    return figureAt(this.view.list, (px - left) / perM, (top - py) / perM)
  }

  /** What is shown as one picture. */
  flat = (): HTMLCanvasElement => this.layers.flat(this.view?.palette.paper ?? '#ffffff')

  destroy() {
    this.frames.clear()
    this.layers.destroy()
  }

  /** Draws what other lists will show at the same scale, portrait by portrait and then the whole frame; one step at a time. */
  *ahead(lists: Iterable<Elevation>): Generator<void> {
    for (const list of lists) {
      const now = this.view
      if (!now) return
      const view = { ...now, list }
      for (const f of list.figures) {
        sprites.get(f, now.pxPerM * ratioNow())
        yield
      }
      yield* this.frames.drawing(list, frameKey(view), view, (c) => figureSteps(c, view, anyway))
      yield
    }
  }

  private drawBack(context: CanvasRenderingContext2D) {
    const view = this.view!
    const { list, palette, width, height } = view
    const sheet = sheetOf(view)
    const { perM, left, top } = sheet
    const window = {
      fromX: -left / perM,
      toX: (width - left) / perM,
      bottomM: (top - height) / perM,
      topM: top / perM,
      frontM: (FRONT_STRIP_PX - 2) / perM,
    }
    drawPaints(context, elevationBackPaints(list, window, palette, perM), sheet)
    if (view.bare) return
    // Where the bed's left end is out of the picture, the ruler stays in it, on a ground of its own.
    const edge = window.fromX + RULER_PX / perM
    const ground = rectPath(window.fromX, 0, RULER_PX / perM, window.topM)
    if (edge > list.fromX) drawPaints(context, [{ path: ground, fill: palette.sky, alpha: 0.85 }], sheet)
    const at = { ...list, fromX: Math.max(list.fromX, edge) }
    drawPaints(context, rulerPaints(at, window.topM - 14 / perM, palette, perM, view.manner?.units), sheet)
  }

  /** Draws the planting anew, where anything of it changed. */
  private showPlanting(isNew: boolean) {
    const view = this.view!
    const at = `${backKeyOf(view)}|${sheetOf(view).top}|${ratioNow()}`
    const { drawn } = this
    const now = figuresDrawn(view, this.kept, at)
    const parts =
      isNew || at !== this.drawnAt || !drawn || !now ? 'all' : changedParts(drawn, now, view.width, view.height)
    this.drawnAt = at
    this.drawn = now
    if (parts === 'all' || !now || this.frames.get(view.list, frameKey(view))) return this.layers.draw('planting')
    if (parts.length === 0) return
    this.layers.redraw('planting', parts, (context) =>
      drawFigures(context, view, anyway, (i) => meetsParts(now[i]!, parts)),
    )
  }

  private drawPlanting(context: CanvasRenderingContext2D) {
    const view = this.view!
    const ready = this.frames.get(view.list, frameKey(view))
    if (ready) context.drawImage(ready, 0, 0, view.width, view.height)
    else {
      const isWhole = this.portraits.isThrough(this.view!.list, this.view!.pxPerM * ratioNow())
      const began = performance.now()
      drawFigures(context, view, isWhole ? anyway : asFarAsDrawn)
      if (!isWhole) return this.finishSoon(performance.now() - began)
    }
    this.whole()
  }

  /** Goes on with the portraits frame by frame. */
  private finishSoon(shownInMs: number) {
    this.drawn = null
    const next = performance.now() + Math.max(SHOWN_EVERY_MS, shownInMs * DRAWN_TO_SHOWN)
    this.layers.drawSoon(
      'planting',
      () => this.portraits.isThrough(this.view!.list, this.view!.pxPerM * ratioNow()) || performance.now() > next,
    )
  }

  private drawLines(context: CanvasRenderingContext2D) {
    const { list, bare, targets = [] } = this.view!
    const sheet = sheetOf(this.view!)
    if (!bare) drawPaints(context, sillPaints(list, sheet.perM), sheet)
    drawPaints(context, targets.flatMap(targetPaints), sheet)
  }

  private drawMarks(context: CanvasRenderingContext2D) {
    const { list, palette, lit, chosen } = this.view!
    const sheet = sheetOf(this.view!)
    const { perM } = sheet
    drawPaints(context, elevationMarkPaints(list, lit, palette.amber, 2.5, perM), sheet)
    drawPaints(context, elevationMarkPaints(list, chosen, palette.amber, 2, perM), sheet)
  }
}

const isOther = (a: ElevationView | null, b: ElevationView) => a?.list !== b.list || a.pxPerM !== b.pxPerM
const hasMarks = (v: ElevationView | null) => v === null || v.lit.size > 0 || v.chosen.size > 0

function backKeyOf({ list, pxPerM, leftPx, width, height, palette, manner }: ElevationView): string {
  const { wall, fromX, toX, frontBaseM, grounds, raisedM, fallM, fixtures } = list
  return JSON.stringify([
    ...[wall, fromX, toX, frontBaseM, grounds, raisedM, fallM, fixtures.length],
    ...[pxPerM, leftPx, width, height, palette.paper, manner?.units, manner?.region],
  ])
}

const ratioNow = () => Math.min(2, window.devicePixelRatio || 1)

const frameKey = ({ pxPerM, leftPx, width, height }: ElevationView) => `${pxPerM}|${leftPx}|${width}|${height}`

/** A bed on open ground stands somewhat up the picture: grass before it, sky behind. */
const LIFT = 0.4

function sheetOf({ pxPerM, leftPx, list, height, manner }: ElevationView): Sheet {
  const foot = height - FRONT_STRIP_PX + (list.frontBaseM - list.raisedM) * pxPerM
  const lifted = list.grounds.length === 0 ? 0 : Math.max(0, foot - (list.topM + 0.3) * pxPerM) * LIFT
  return { manner, perM: pxPerM, left: leftPx - list.fromX * pxPerM, top: foot - lifted }
}

/** The plants as they will be drawn, then what stands among them; null when a portrait is not ready. */
function figuresDrawn(view: ElevationView, kept: KeptDrawn<Figure>, at: string): Drawn[] | null {
  const sheet = sheetOf(view)
  const px = view.pxPerM * ratioNow()
  const { figures, fixtures, features } = view.list
  const plants = kept.of(figures, at, (f) => figureDrawn(f, px, sheet))
  if (!plants) return null
  const things = [
    ...fixtures.map((f) => JSON.stringify({ ...f, after: 0 })),
    ...features.map((f) => JSON.stringify(f.paints)),
  ]
  return [...plants, ...things.map((look, i): Drawn => ({ id: `thing ${i}`, look: [look], box: null }))]
}

function figureDrawn(f: Figure, px: number, sheet: Sheet): Drawn | null {
  const key = spriteKey(f, px)
  const portrait = sprites.there(key)
  const { body } = f
  return portrait
    ? {
        id: body.at.id,
        look: [key, f.x, f.baseM, f.mirrored, f.scale, f.quiet, body.spreadM, topM(body)],
        box: boxOf(f, portrait, sheet),
      }
    : null
}

/** Where a portrait lies on the sheet. */
function boxOf(figure: Figure, sprite: Sprite, { perM, left, top }: Pick<Sheet, 'perM' | 'left' | 'top'>): Part {
  const { across, up } = scalesOf(figure, sprite, perM)
  const [x, foot] = [left + figure.x * perM, top - figure.baseM * perM]
  const { canvas, footX, footY } = sprite
  const [before, after] = figure.mirrored ? [canvas.width - footX, footX] : [footX, canvas.width - footX]
  return {
    left: x - before * across,
    right: x + after * across,
    top: foot - footY * up,
    bottom: foot + (canvas.height - footY) * up,
  }
}

/** How a portrait is scaled to the size of a figure, across and up. */
function scalesOf({ body, scale }: Figure, sprite: Sprite, perM: number) {
  const size = (scale * perM) / sprite.pxPerM
  return { across: (body.spreadM / sprite.spreadM) * size, up: (topM(body) / sprite.heightM) * size }
}

type Portrait = (figure: Figure, px: number) => Sprite | null
const anyway: Portrait = (figure, px) => sprites.get(figure, px)
/** Where one is missing, an earlier one in its place. */
const asFarAsDrawn: Portrait = (figure, px) => sprites.there(spriteKey(figure, px)) ?? sprites.standIn(figure)

type Shows = (figure: number) => boolean

function drawFigures(context: CanvasRenderingContext2D, view: ElevationView, portrait: Portrait, shows?: Shows) {
  const steps = figureSteps(context, view, portrait, shows)
  while (!steps.next().done);
}

/** Draws the planting, a plant a step. */
function* figureSteps(
  context: CanvasRenderingContext2D,
  view: ElevationView,
  portrait: Portrait,
  shows: Shows = () => true,
): Generator<void> {
  const sheet = sheetOf(view)
  const px = view.pxPerM * ratioNow()
  for (const step of elevationOrder(view.list)) {
    if ('paints' in step) drawPaints(context, step.paints, sheet)
    else if (shows(step.n)) {
      const sprite = portrait(step.figure, px)
      if (sprite) drawFigure(context, step.figure, sheet, sprite)
      yield
    }
  }
}

function drawFigure(context: CanvasRenderingContext2D, figure: Figure, sheet: Sheet, sprite: Sprite) {
  const { across, up } = scalesOf(figure, sprite, sheet.perM)
  context.save()
  context.globalAlpha = figure.quiet ? QUIET_ALPHA : 1
  context.translate(sheet.left + figure.x * sheet.perM, sheet.top - figure.baseM * sheet.perM)
  context.scale(figure.mirrored ? -across : across, up)
  context.drawImage(sprite.canvas, -sprite.footX, -sprite.footY)
  context.restore()
}
