import type { Part } from './changedPart'

type Draw = (context: CanvasRenderingContext2D) => void

/** A stack of canvases of one size, so that a mark redraws without what lies under it; sharp on any screen. */
export class Layers<Name extends string> {
  private readonly canvases = new Map<Name, { canvas: HTMLCanvasElement; draw: Draw; frame: number }>()
  private width = 0
  private height = 0

  constructor(
    private readonly holder: HTMLElement,
    layers: Readonly<Record<Name, Draw>>,
  ) {
    if (getComputedStyle(holder).position === 'static') holder.style.position = 'relative'
    for (const [name, draw] of Object.entries(layers) as [Name, Draw][]) {
      const canvas = document.createElement('canvas')
      canvas.style.cssText = 'position:absolute;inset:0;pointer-events:none'
      holder.append(canvas)
      this.canvases.set(name, { canvas, draw, frame: 0 })
    }
  }

  /** Sets the size in CSS pixels; true when it changed, and all layers are empty. */
  resize(width: number, height: number): boolean {
    const ratio = window.devicePixelRatio || 1
    if (width === this.width && height === this.height) return false
    this.width = width
    this.height = height
    for (const { canvas } of this.canvases.values()) {
      canvas.width = Math.round(width * ratio)
      canvas.height = Math.round(height * ratio)
      canvas.style.width = `${width}px`
      canvas.style.height = `${height}px`
    }
    return true
  }

  /** Draws a layer anew. */
  draw(name: Name) {
    const { canvas, draw } = this.canvases.get(name)!
    const context = canvas.getContext('2d')!
    const ratio = window.devicePixelRatio || 1
    context.setTransform(ratio, 0, 0, ratio, 0, 0)
    context.clearRect(0, 0, this.width, this.height)
    context.save()
    draw(context)
    context.restore()
  }

  /** Draws parts of a layer anew, in CSS pixels; `draw` may draw beyond them, nothing else changes. */
  redraw(name: Name, parts: readonly Part[], draw: Draw) {
    const context = this.canvases.get(name)!.canvas.getContext('2d')!
    const ratio = window.devicePixelRatio || 1
    context.setTransform(ratio, 0, 0, ratio, 0, 0)
    context.save()
    context.beginPath()
    for (const { left, top, right, bottom } of parts) {
      context.clearRect(left, top, right - left, bottom - top)
      context.rect(left, top, right - left, bottom - top)
    }
    context.clip()
    draw(context)
    context.restore()
  }

  /** Draws a layer with the next frame, once however often it is asked. */
  drawSoon(name: Name) {
    const layer = this.canvases.get(name)!
    if (layer.frame) return
    layer.frame = requestAnimationFrame(() => {
      layer.frame = 0
      this.draw(name)
    })
  }

  /** All layers as one picture of its own, on a ground. */
  flat(ground: string): HTMLCanvasElement {
    const [first] = this.canvases.values()
    const flat = document.createElement('canvas')
    flat.width = first!.canvas.width
    flat.height = first!.canvas.height
    const context = flat.getContext('2d')!
    context.fillStyle = ground
    context.fillRect(0, 0, flat.width, flat.height)
    for (const { canvas } of this.canvases.values()) context.drawImage(canvas, 0, 0)
    return flat
  }

  destroy() {
    for (const { canvas, frame } of this.canvases.values()) {
      cancelAnimationFrame(frame)
      canvas.remove()
    }
    this.canvases.clear()
  }
}
