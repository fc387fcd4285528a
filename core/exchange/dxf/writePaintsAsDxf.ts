import { isClipped, isShape, isWords, M, O, Q, Z, type Paint, type Path } from '../../draw'
import { DxfDrawing } from './DxfDrawing'

const CURVE_STEPS = 8

/** What of some paints belongs to a drawing file, in true metres, a layer a kind; ornament stays out. */
export function writePaintsAsDxf(paints: Iterable<Paint>): string {
  const drawing = new DxfDrawing()
  const put = (paint: Paint) => {
    if (isClipped(paint)) return putAll(paint.within)
    if (!isShape(paint) && !isWords(paint)) return
    if (!paint.layer) return
    if (isWords(paint)) drawing.addWords(paint.layer, paint, paint.words)
    else drawPath(drawing, paint.layer, paint.path)
  }
  const putAll = (some: Iterable<Paint>) => {
    for (const paint of some) put(paint)
  }
  putAll(paints)
  return drawing.text()
}

function drawPath(drawing: DxfDrawing, layer: string, path: Path) {
  let line: { x: number; y: number }[] = []
  const end = (closed: boolean) => {
    if (line.length > 1) drawing.addLine(layer, line, closed)
    line = []
  }
  for (let i = 0; i < path.length;) {
    const step = path[i++]
    if (step === Z) end(true)
    else if (step === O) drawing.addCircle(layer, { x: path[i++]!, y: path[i++]! }, path[i++]!)
    else if (step === Q) {
      line.push(...curve(line[line.length - 1]!, path.slice(i, i + 4)))
      i += 4
    } else {
      if (step === M) end(false)
      line.push({ x: path[i++]!, y: path[i++]! })
    }
  }
  end(false)
}

/** Steps along a quadratic curve, its end included. */
function curve(from: { x: number; y: number }, [cx, cy, x, y]: readonly number[]) {
  return Array.from({ length: CURVE_STEPS }, (_, i) => {
    const u = (i + 1) / CURVE_STEPS
    const [a, b, c] = [(1 - u) ** 2, 2 * u * (1 - u), u * u]
    return { x: a * from.x + b * cx! + c * x!, y: a * from.y + b * cy! + c * y! }
  })
}
