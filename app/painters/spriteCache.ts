import type { Body } from '~~/core/layout'
import { portrait } from '~~/core/draw'
import { drawPaints } from './canvasPen'

/** A portrait drawn once: its canvas and where the plant's foot lies in it, pixels of the canvas. */
export interface Sprite {
  readonly canvas: HTMLCanvasElement
  readonly footX: number
  readonly footY: number
  readonly pxPerM: number
  readonly spreadM: number
  readonly heightM: number
}

const MOST_PIXELS = 60_000_000
const STEP = 1.07

/** Portraits as pictures, kept while they fit in memory; one that is asked for again moves to the fresh end. */
export class SpriteCache {
  private readonly sprites = new Map<string, Sprite>()
  /** The last portrait of each plant and variant, to stand in while a new one is being drawn. */
  private readonly latest = new Map<string, Sprite>()
  private pixels = 0

  /** The portrait of a body; near sizes share one picture and are scaled. */
  get(body: Body, variant: number, pxPerM: number): Sprite {
    const key = spriteKey(body, variant, pxPerM)
    const there = this.sprites.get(key)
    if (there) {
      this.sprites.delete(key)
      this.sprites.set(key, there)
      return there
    }
    const sprite = drawSprite(body, variant, pxPerM)
    this.sprites.set(key, sprite)
    this.latest.set(`${body.at.plant.id}|${variant}`, sprite)
    this.pixels += sprite.canvas.width * sprite.canvas.height
    this.forget()
    return sprite
  }

  /** An earlier portrait of the same plant, or null. */
  standIn(body: Body, variant: number): Sprite | null {
    return this.latest.get(`${body.at.plant.id}|${variant}`) ?? null
  }

  has(body: Body, variant: number, pxPerM: number) {
    return this.holds(spriteKey(body, variant, pxPerM))
  }

  holds = (key: string) => this.sprites.has(key)

  private forget() {
    for (const [key, sprite] of this.sprites) {
      if (this.pixels <= MOST_PIXELS) return
      this.sprites.delete(key)
      this.pixels -= sprite.canvas.width * sprite.canvas.height
    }
  }
}

const bucket = (metres: number) => Math.round(Math.log(Math.max(0.01, metres)) / Math.log(STEP))

/** Names a portrait: what a plant is, how it looks now and its size, near sizes alike. */
export function spriteKey({ at, look, foliageM, flowerM, spreadM }: Body, variant: number, pxPerM: number): string {
  const shown = `${look.state}${look.colour}${look.leaf.toFixed(1)}${look.flower.toFixed(1)}${look.fruit}`
  const what = `${at.plant.id}|${at.plant.habit}|${variant}`
  return `${what}|${shown}|${bucket(foliageM)}|${bucket(flowerM)}|${bucket(spreadM)}|${Math.round(pxPerM)}`
}

function drawSprite(body: Body, variant: number, pxPerM: number): Sprite {
  const { at, look, foliageM, flowerM, spreadM } = body
  const heightM = Math.max(foliageM, flowerM)
  const margin = 0.16 * spreadM + 14 / pxPerM
  const above = 0.1 * heightM + 16 / pxPerM
  const below = 0.06 * spreadM + 5 / pxPerM
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.ceil((spreadM + 2 * margin) * pxPerM))
  canvas.height = Math.max(1, Math.ceil((heightM + above + below) * pxPerM))
  const footX = canvas.width / 2
  const footY = (heightM + above) * pxPerM
  const context = canvas.getContext('2d')!
  const sitter = { plant: at.plant, look, foliageM, flowerM, spreadM }
  drawPaints(context, portrait(sitter, variant, pxPerM), { perM: pxPerM, left: footX, top: footY })
  return { canvas, footX, footY, pxPerM, spreadM, heightM }
}
