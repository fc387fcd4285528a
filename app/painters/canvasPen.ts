import {
  badgeSheet,
  isClipped,
  isShape,
  isWords,
  L,
  M,
  Q,
  Z,
  type Paint,
  type Path,
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

/** Draws paints on a canvas. */
export function drawPaints(context: CanvasRenderingContext2D, paints: readonly Paint[], sheet: Sheet) {
  context.lineCap = 'round'
  let font = ''
  for (const paint of paints) {
    if (isShape(paint)) drawShape(context, paint, sheet)
    else if (isWords(paint)) font = drawWords(context, paint, sheet, font)
    else if (isClipped(paint)) drawClipped(context, paint.clip, paint.within, sheet)
    else drawPaints(context, paint.badge, badgeSheet(sheet, paint.at))
  }
  context.globalAlpha = 1
}

function drawShape(context: CanvasRenderingContext2D, shape: Shape, sheet: Sheet) {
  const { fill, stroke } = shape
  if (!fill && !stroke) return
  context.globalAlpha = shape.alpha ?? 1
  context.beginPath()
  tracePath(context, shape.path, sheet)
  if (fill) {
    context.fillStyle = typeof fill === 'string' ? fill : gradientOf(context, fill, sheet)
    context.fill()
  }
  if (!stroke) return
  context.strokeStyle = stroke
  context.lineWidth = Math.max(shape.thin ?? 0, (shape.lineWidth ?? 0) * sheet.perM)
  if (!shape.dash) return context.stroke()
  context.lineCap = 'butt'
  context.setLineDash(shape.dash as number[])
  context.stroke()
  context.setLineDash([])
  context.lineCap = 'round'
}

function gradientOf(context: CanvasRenderingContext2D, { from, to, stops }: Shade, { perM, left, top }: Sheet) {
  const gradient = context.createLinearGradient(
    left + from.x * perM,
    top - from.y * perM,
    left + to.x * perM,
    top - to.y * perM,
  )
  for (const [at, colour] of stops) gradient.addColorStop(at, colour)
  return gradient
}

/** Setting a font is slow: it is set only when it differs from the last. */
function drawWords(
  context: CanvasRenderingContext2D,
  w: Words,
  { perM, left, top }: Sheet,
  before: string,
): string {
  const font = FACES[w.face ?? 'plain'](w.size)
  if (font !== before) context.font = font
  const x = left + w.x * perM + (w.dx ?? 0)
  const y = top - w.y * perM - (w.dy ?? 0)
  context.globalAlpha = 1
  context.textAlign = w.align ?? 'left'
  context.textBaseline = 'middle'
  if (w.rim) {
    context.lineWidth = 3
    context.strokeStyle = w.rim
    context.strokeText(w.words, x, y)
  }
  context.fillStyle = w.colour
  context.fillText(w.words, x, y)
  return font
}

function drawClipped(context: CanvasRenderingContext2D, clip: Path, within: readonly Paint[], sheet: Sheet) {
  context.save()
  context.beginPath()
  tracePath(context, clip, sheet)
  context.clip()
  drawPaints(context, within, sheet)
  context.restore()
}

function tracePath(context: CanvasRenderingContext2D, path: Path, { perM, left, top }: Sheet) {
  for (let i = 0; i < path.length;) {
    const step = path[i++]
    if (step === Z) {
      context.closePath()
      continue
    }
    const x = left + path[i++]! * perM
    const y = top - path[i++]! * perM
    if (step === M) context.moveTo(x, y)
    else if (step === L) context.lineTo(x, y)
    else if (step === Q) context.quadraticCurveTo(x, y, left + path[i++]! * perM, top - path[i++]! * perM)
    else {
      const r = path[i++]! * perM
      context.moveTo(x + r, y)
      context.arc(x, y, r, 0, Math.PI * 2)
    }
  }
}
