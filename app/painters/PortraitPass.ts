import type { Elevation } from '~~/core/draw'
import type { SpriteCache } from './spriteCache'

/** Time a frame may spend on new portraits before it shows what it has. */
const BUDGET_MS = 8

/** Draws the portraits of a list frame by frame, each once, so that it ends where they do not all fit in memory. */
export class PortraitPass {
  private list: Elevation | null = null
  private pxPerM = 0
  private next = 0

  constructor(private readonly sprites: SpriteCache) {}

  /** Draws what is missing, one portrait at least, for as long as a frame may take; whether it is through. */
  isThrough(list: Elevation, pxPerM: number): boolean {
    if (this.list !== list || this.pxPerM !== pxPerM) this.next = 0
    this.list = list
    this.pxPerM = pxPerM
    const until = performance.now() + BUDGET_MS
    let isFirst = true
    for (; this.next < list.figures.length; this.next++) {
      const figure = list.figures[this.next]!
      if (!this.sprites.has(figure, pxPerM)) {
        if (!isFirst && performance.now() > until) return false
        isFirst = false
      }
      // Asked for again, it stays among the fresh ones.
      this.sprites.get(figure, pxPerM)
    }
    return true
  }
}
