import {
  onSheet,
  strokeWidth,
  tracePath,
  walkPaints,
  wordsPlace,
  type Paint,
  type PathPen,
  type Shade,
  type Shape,
  type Sheet,
  type Words,
} from '~~/core/draw'

const FACES: Readonly<Record<NonNullable<Words['face']>, (size: number) => string>> = {
  plain: (size) => `${size}px "Inter Variable", sans-serif`,
  bold: (size) => `600 ${size}px "Inter Variable", sans-serif`,
  title: (size) => `${size}px "Fraunces Variable", serif`,
  'title-bold': (size) => `600 ${size}px "Fraunces Variable", serif`,
}
const RIM_PX = 3

/** Draws paints on a canvas. */
export function drawPaints(context: CanvasRenderingContext2D, paints: readonly Paint[], sheet: Sheet) {
  const pen = pathPenOf(context)
  let font = ''
  context.lineCap = 'round'
  walkPaints(paints, sheet, {
    shape: (shape, at) => drawShape(context, shape, at, pen),
    words: (words, at) => {
      font = drawWords(context, words, at, font)
    },
    clip: (path, at, within) => {
      context.save()
      context.beginPath()
      tracePath(path, at, pen)
      context.clip()
      within()
      context.restore()
    },
  })
  context.globalAlpha = 1
}

const pathPenOf = (context: CanvasRenderingContext2D): PathPen => ({
  moveTo: (x, y) => context.moveTo(x, y),
  lineTo: (x, y) => context.lineTo(x, y),
  quadraticCurveTo: (cx, cy, x, y) => context.quadraticCurveTo(cx, cy, x, y),
  closePath: () => context.closePath(),
  circle: (x, y, r) => {
    context.moveTo(x + r, y)
    context.arc(x, y, r, 0, Math.PI * 2)
  },
})

function drawShape(context: CanvasRenderingContext2D, shape: Shape, sheet: Sheet, pen: PathPen) {
  const { fill, stroke } = shape
  if (!fill && !stroke) return
  context.globalAlpha = shape.alpha ?? 1
  context.beginPath()
  tracePath(shape.path, sheet, pen)
  if (fill) {
    context.fillStyle = typeof fill === 'string' ? fill : gradientOf(context, fill, sheet)
    context.fill()
  }
  if (!stroke) return
  context.strokeStyle = stroke
  context.lineWidth = strokeWidth(shape, sheet)
  if (!shape.dash) return context.stroke()
  context.lineCap = 'butt'
  context.setLineDash(shape.dash as number[])
  context.stroke()
  context.setLineDash([])
  context.lineCap = 'round'
}

function gradientOf(context: CanvasRenderingContext2D, shade: Shade, sheet: Sheet) {
  const [from, to] = [onSheet(shade.from, sheet), onSheet(shade.to, sheet)]
  const gradient = context.createLinearGradient(from.x, from.y, to.x, to.y)
  for (const [at, colour] of shade.stops) gradient.addColorStop(at, colour)
  return gradient
}

/** Setting a font is slow: it is set only when it differs from the last. */
function drawWords(context: CanvasRenderingContext2D, w: Words, sheet: Sheet, before: string): string {
  const font = FACES[w.face ?? 'plain'](w.size)
  if (font !== before) context.font = font
  const { x, y } = wordsPlace(w, sheet)
  context.globalAlpha = 1
  context.textAlign = w.align ?? 'left'
  context.textBaseline = 'middle'
  if (w.rim) {
    context.lineWidth = RIM_PX
    context.strokeStyle = w.rim
    context.strokeText(w.words, x, y)
  }
  context.fillStyle = w.colour
  context.fillText(w.words, x, y)
  return font
}
