const MOST_FRAMES = 26

/**
 * Whole pictures drawn ahead, each kept by the display list it shows and the scale it was drawn at: a slide through the months then only
 * changes one picture for another. The oldest go first.
 */
export class FrameCache<L extends object> {
  private readonly frames = new Map<L, { readonly key: string; readonly picture: ImageBitmap }>()

  get(list: L, key: string): ImageBitmap | null {
    const frame = this.frames.get(list)
    return frame?.key === key ? frame.picture : null
  }

  /** Draws a picture of so many CSS pixels away from the screen, step by step, and keeps it once it is whole. */
  *drawing(
    list: L,
    key: string,
    { width, height }: { readonly width: number; readonly height: number },
    draw: (context: CanvasRenderingContext2D) => Iterable<void>,
  ): Generator<void> {
    if (this.get(list, key) || width < 1 || height < 1) return
    const ratio = window.devicePixelRatio || 1
    const canvas = new OffscreenCanvas(Math.ceil(width * ratio), Math.ceil(height * ratio))
    const context = canvas.getContext('2d')! as unknown as CanvasRenderingContext2D
    context.scale(ratio, ratio)
    yield* draw(context)
    this.frames.get(list)?.picture.close()
    this.frames.delete(list)
    this.frames.set(list, { key, picture: canvas.transferToImageBitmap() })
    for (const [oldest, { picture }] of this.frames) {
      if (this.frames.size <= MOST_FRAMES) return
      picture.close()
      this.frames.delete(oldest)
    }
  }

  clear() {
    for (const { picture } of this.frames.values()) picture.close()
    this.frames.clear()
  }
}
