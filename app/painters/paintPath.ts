import { L, M, Q, Z, type Paint, type Path } from '~~/core/draw'

/** Draws paints (metres, y up) on a canvas whose transform already scales metres to pixels, y down. */
export function drawPaints(context: CanvasRenderingContext2D, paints: readonly Paint[]) {
  context.lineCap = 'round'
  for (const paint of paints) {
    context.globalAlpha = paint.alpha ?? 1
    context.beginPath()
    tracePath(context, paint.path)
    if (paint.fill) {
      context.fillStyle = paint.fill
      context.fill()
    } else if (paint.stroke) {
      context.strokeStyle = paint.stroke
      context.lineWidth = paint.lineWidth ?? 0.01
      context.stroke()
    }
  }
  context.globalAlpha = 1
}

function tracePath(context: CanvasRenderingContext2D, path: Path) {
  for (let i = 0; i < path.length;) {
    const op = path[i++]
    if (op === M) context.moveTo(path[i++]!, -path[i++]!)
    else if (op === L) context.lineTo(path[i++]!, -path[i++]!)
    else if (op === Q) context.quadraticCurveTo(path[i++]!, -path[i++]!, path[i++]!, -path[i++]!)
    else if (op === Z) context.closePath()
    else {
      const x = path[i++]!
      const y = -path[i++]!
      const r = path[i++]!
      context.moveTo(x + r, y)
      context.arc(x, y, r, 0, Math.PI * 2)
    }
  }
}
