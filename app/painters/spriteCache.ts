import type { Body } from '~~/core/layout'
import { footShadow, paintBounds, portrait } from '~~/core/draw'
import { drawPaints } from './canvasPen'

/** A portrait drawn once, with the shadow at its foot: its canvas and where the plant's foot lies in it, pixels of the canvas. */
export interface Sprite {
  readonly canvas: HTMLCanvasElement
  readonly footX: number
  readonly footY: number
  readonly pxPerM: number
  readonly spreadM: number
  readonly heightM: number
}

/** What a portrait shows: a plant as it is now, which of its shapes, and whether it stands elsewhere, and throws no shadow. */
interface SpriteOf {
  readonly body: Body
  readonly variant: number
  readonly quiet?: boolean
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
  get(sitter: SpriteOf, pxPerM: number): Sprite {
    const { body, variant } = sitter
    const key = spriteKey(sitter, pxPerM)
    const there = this.sprites.get(key)
    if (there) {
      this.sprites.delete(key)
      this.sprites.set(key, there)
      return there
    }
    const sprite = drawSprite(sitter, pxPerM)
    this.sprites.set(key, sprite)
    this.latest.set(`${body.at.plant.id}|${variant}`, sprite)
    this.pixels += sprite.canvas.width * sprite.canvas.height
    this.forget()
    return sprite
  }

  /** An earlier portrait of the same plant, or null. */
  standIn({ body, variant }: SpriteOf): Sprite | null {
    return this.latest.get(`${body.at.plant.id}|${variant}`) ?? null
  }

  has(sitter: SpriteOf, pxPerM: number) {
    return this.sprites.has(spriteKey(sitter, pxPerM))
  }

  /** The portrait of a name, if it has been drawn. */
  there = (key: string): Sprite | undefined => this.sprites.get(key)

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
export function spriteKey({ body, variant, quiet }: SpriteOf, pxPerM: number): string {
  const { at, look, foliageM, flowerM, spreadM } = body
  const shown = `${look.state}${look.colour}${look.leaf.toFixed(1)}${look.flower.toFixed(1)}${look.fruit}`
  const what = `${at.plant.id}|${at.plant.habit}|${variant}${quiet ? 'q' : ''}`
  return `${what}|${shown}|${bucket(foliageM)}|${bucket(flowerM)}|${bucket(spreadM)}|${Math.round(pxPerM)}`
}

/** Pixels left free round a portrait, for the softness of its rim. */
const FREE_PX = 1

function drawSprite({ body, variant, quiet }: SpriteOf, pxPerM: number): Sprite {
  const { at, look, foliageM, flowerM, spreadM } = body
  const heightM = Math.max(foliageM, flowerM)
  const sitter = { plant: at.plant, look, foliageM, flowerM, spreadM }
  const shadow = quiet ? null : footShadow({ body, x: 0, baseM: 0, scale: 1 })
  const paints = [...(shadow ? [shadow] : []), ...portrait(sitter, variant, pxPerM)]
  const { left, top, right, bottom } = paintBounds(paints, { perM: pxPerM, left: 0, top: 0 }) ?? NOTHING
  const footX = Math.ceil(-left) + FREE_PX
  const footY = Math.ceil(-top) + FREE_PX
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.ceil(right) + footX + FREE_PX)
  canvas.height = Math.max(1, Math.ceil(bottom) + footY + FREE_PX)
  drawPaints(canvas.getContext('2d')!, paints, { perM: pxPerM, left: footX, top: footY })
  return { canvas, footX, footY, pxPerM, spreadM, heightM }
}
const NOTHING = { left: 0, top: 0, right: 0, bottom: 0 }
