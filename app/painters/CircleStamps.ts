import { circlePaints, type PlanCircle } from '~~/core/draw'
import { drawPaints } from './canvasPen'

const MOST = 4000
const RIM_PX = 4

interface Stamp {
  readonly canvas: OffscreenCanvas
  /** From its left top to the middle of the plant, CSS pixels. */
  readonly half: number
}

/** Circles of a plan as small pictures, for what the hand moves: each is drawn once and then only put elsewhere. */
export class CircleStamps {
  private readonly stamps = new Map<string, Stamp>()

  /** Puts a circle with its middle at a place, CSS pixels, on the nearest pixel of the screen. */
  put(context: CanvasRenderingContext2D, circle: PlanCircle, perM: number, x: number, y: number) {
    const ratio = window.devicePixelRatio || 1
    const { canvas, half } = this.get(circle, perM, ratio)
    const snap = (px: number) => Math.round(px * ratio) / ratio
    context.drawImage(canvas, snap(x - half), snap(y - half), canvas.width / ratio, canvas.height / ratio)
  }

  /** Makes the stamp of a circle before it is wanted. */
  make(circle: PlanCircle, perM: number) {
    this.get(circle, perM, window.devicePixelRatio || 1)
  }

  private get(circle: PlanCircle, perM: number, ratio: number): Stamp {
    const { body, matureR, nowR, letter, fill, quiet } = circle
    const key = `${body.at.id}|${matureR}|${nowR}|${letter}${fill}${quiet}${body.at.pinned}|${perM}|${ratio}`
    const there = this.stamps.get(key)
    if (there) return there
    const stamp = draw(circle, perM, ratio)
    this.stamps.set(key, stamp)
    if (this.stamps.size > MOST) this.stamps.delete(this.stamps.keys().next().value!)
    return stamp
  }

  clear() {
    this.stamps.clear()
  }
}

function draw(circle: PlanCircle, perM: number, ratio: number): Stamp {
  const half = Math.ceil(Math.max(circle.matureR, circle.nowR) * perM) + RIM_PX
  const canvas = new OffscreenCanvas(Math.ceil(2 * half * ratio), Math.ceil(2 * half * ratio))
  const context = canvas.getContext('2d')! as unknown as CanvasRenderingContext2D
  context.scale(ratio, ratio)
  drawPaints(context, circlePaints({ ...circle, x: 0, y: 0 }, perM), { perM, left: half, top: half })
  return { canvas, half }
}
