import type { Part } from './changedPart'

type Draw = (context: CanvasRenderingContext2D) => void

/** One canvas of a stack: a layer that is drawn again and again, and what is kept as a picture under or over it. */
interface LayerGroup<Name extends string> {
  readonly under?: Name
  readonly live: Name
  readonly over?: Name
}

interface Sheet<Name extends string> {
  readonly group: LayerGroup<Name>
  readonly canvas: HTMLCanvasElement
  frame: number
  /** Whether what is kept has changed since it was last shown. */
  isStale: boolean
}

/**
 * A stack of canvases of one size, so that a mark is drawn again without what lies under it; sharp on any screen. Few canvases: each is one
 * more picture that the browser puts together in every frame.
 */
export class Layers<Name extends string> {
  private readonly sheets: readonly Sheet<Name>[]
  private readonly kept = new Map<Name, OffscreenCanvas>()
  private width = 0
  private height = 0

  /** `groups` from the lowest. */
  constructor(
    private readonly holder: HTMLElement,
    private readonly layers: Readonly<Record<Name, Draw>>,
    groups: readonly LayerGroup<Name>[],
  ) {
    if (getComputedStyle(holder).position === 'static') holder.style.position = 'relative'
    this.sheets = groups.map((group) => {
      const canvas = document.createElement('canvas')
      canvas.style.cssText = 'position:absolute;inset:0;pointer-events:none'
      holder.append(canvas)
      return { group, canvas, frame: 0, isStale: false }
    })
  }

  /** Sets the size in CSS pixels; true when it changed, and all layers are empty. */
  resize(width: number, height: number): boolean {
    if (width === this.width && height === this.height) return false
    const ratio = ratioNow()
    this.width = width
    this.height = height
    this.kept.clear()
    for (const { canvas } of this.sheets) {
      canvas.width = Math.round(width * ratio)
      canvas.height = Math.round(height * ratio)
      canvas.style.width = `${width}px`
      canvas.style.height = `${height}px`
    }
    return true
  }

  /** Draws a layer anew; one that is kept shows with the live one of its canvas, or with `finish`. */
  draw(name: Name) {
    const sheet = this.sheetOf(name)
    if (sheet.group.live === name) return this.compose(sheet, null, this.layers[name])
    const { canvas } = sheet
    const there = this.kept.get(name)
    const picture = there ?? new OffscreenCanvas(Math.max(1, canvas.width), Math.max(1, canvas.height))
    const context = picture.getContext('2d')! as unknown as CanvasRenderingContext2D
    const ratio = ratioNow()
    context.setTransform(ratio, 0, 0, ratio, 0, 0)
    context.clearRect(0, 0, this.width, this.height)
    context.save()
    this.layers[name](context)
    context.restore()
    this.kept.set(name, picture)
    sheet.isStale = true
  }

  /** Draws parts of a live layer anew, in CSS pixels; `draw` may draw beyond them, nothing else changes. */
  redraw(name: Name, parts: readonly Part[], draw: Draw) {
    const sheet = this.sheetOf(name)
    if (sheet.isStale) this.compose(sheet, null, this.layers[name])
    else this.compose(sheet, parts, draw)
  }

  /** Shows what was kept anew and has not been seen yet. */
  finish() {
    for (const sheet of this.sheets) if (sheet.isStale) this.compose(sheet, null, this.layers[sheet.group.live])
  }

  /** Draws a layer with the next frame in which it is due, once however often it is asked. */
  drawSoon(name: Name, isDue: () => boolean = () => true) {
    const sheet = this.sheetOf(name)
    if (sheet.frame) return
    const look = () => {
      const isNow = isDue()
      sheet.frame = isNow ? 0 : requestAnimationFrame(look)
      if (isNow) this.draw(name)
    }
    sheet.frame = requestAnimationFrame(look)
  }

  /** All layers as one picture of its own, on a ground. */
  flat(ground: string): HTMLCanvasElement {
    const [first] = this.sheets
    const flat = document.createElement('canvas')
    flat.width = first!.canvas.width
    flat.height = first!.canvas.height
    const context = flat.getContext('2d')!
    context.fillStyle = ground
    context.fillRect(0, 0, flat.width, flat.height)
    for (const { canvas } of this.sheets) context.drawImage(canvas, 0, 0)
    return flat
  }

  destroy() {
    for (const { canvas, frame } of this.sheets) {
      cancelAnimationFrame(frame)
      canvas.remove()
    }
    this.kept.clear()
  }

  private sheetOf(name: Name): Sheet<Name> {
    return this.sheets.find(({ group: { under, live, over } }) => [under, live, over].includes(name))!
  }

  private compose(sheet: Sheet<Name>, parts: readonly Part[] | null, draw: Draw) {
    const { under, over } = sheet.group
    const context = sheet.canvas.getContext('2d')!
    const ratio = ratioNow()
    context.setTransform(ratio, 0, 0, ratio, 0, 0)
    context.save()
    if (parts) clearParts(context, parts)
    else context.clearRect(0, 0, this.width, this.height)
    this.put(context, under)
    context.save()
    draw(context)
    context.restore()
    this.put(context, over)
    context.restore()
    sheet.isStale = false
  }

  private put(context: CanvasRenderingContext2D, name: Name | undefined) {
    const picture = name && this.kept.get(name)
    if (!picture) return
    context.save()
    context.setTransform(1, 0, 0, 1, 0, 0)
    context.drawImage(picture, 0, 0)
    context.restore()
  }
}

const ratioNow = () => window.devicePixelRatio || 1

/** Clears parts and keeps all else from being drawn on. */
function clearParts(context: CanvasRenderingContext2D, parts: readonly Part[]) {
  context.beginPath()
  for (const { left, top, right, bottom } of parts) {
    context.clearRect(left, top, right - left, bottom - top)
    context.rect(left, top, right - left, bottom - top)
  }
  context.clip()
}
