import Drawing from 'dxf-writer'
import { isClipped, isShape, isWords, M, O, Q, Z, type Paint, type Path, type Words } from '../draw'

/** Colour numbers of the layers, for drawing programs that show a layer in one colour. */
const COLOURS: Readonly<Record<string, number>> = {
  building: 1,
  openings: 4,
  fence: 30,
  surface: 8,
  terrace: 40,
  tree: 3,
  feature: 6,
  service: 5,
  viewpoint: 2,
  target: 4,
  bed: 92,
  lanes: 8,
  wall: 1,
  fixtures: 6,
  'standing plants': 94,
}
const PLANT_COLOUR = 90
const TEXT_M = 0.25
const CURVE_STEPS = 8

/** What of some paints belongs to a drawing file, in true metres, a layer a kind; ornament stays out. */
export function writePaintsAsDxf(paints: readonly Paint[]): string {
  const drawing = new Drawing()
  drawing.setUnits('Meters')
  const layers = new Set(Object.keys(COLOURS))
  for (const layer of layers) drawing.addLayer(layer, COLOURS[layer]!, 'CONTINUOUS')
  const useLayer = (layer: string) => {
    if (!layers.has(layer)) drawing.addLayer(layer, PLANT_COLOUR, 'CONTINUOUS')
    layers.add(layer)
    drawing.setActiveLayer(layer)
  }
  const put = (paint: Paint) => {
    if (isClipped(paint)) return paint.within.forEach(put)
    if (!isShape(paint) && !isWords(paint)) return
    if (!paint.layer) return
    useLayer(paint.layer)
    if (isWords(paint)) drawWords(drawing, paint)
    else drawPath(drawing, paint.path)
  }
  paints.forEach(put)
  return drawing.toDxfString()
}

/** A text of one line, as DXF has it. */
const plain = (text: string) => text.replace(/[\r\n]+/g, ' ')

function drawWords(drawing: Drawing, { x, y, words, align }: Words) {
  drawing.drawText(x, y, TEXT_M, 0, plain(words), align ?? 'left', 'middle')
}

function drawPath(drawing: Drawing, path: Path) {
  let line: [number, number][] = []
  const end = (closed: boolean) => {
    if (line.length > 1) drawing.drawPolyline(line, closed)
    line = []
  }
  for (let i = 0; i < path.length;) {
    const step = path[i++]
    if (step === Z) end(true)
    else if (step === O) drawing.drawCircle(path[i++]!, path[i++]!, path[i++]!)
    else if (step === Q) {
      line.push(...curve(line[line.length - 1]!, path.slice(i, i + 4)))
      i += 4
    } else {
      if (step === M) end(false)
      line.push([path[i++]!, path[i++]!])
    }
  }
  end(false)
}

/** Steps along a quadratic curve, its end included. */
function curve(from: [number, number], [cx, cy, x, y]: readonly number[]): [number, number][] {
  return Array.from({ length: CURVE_STEPS }, (_, i) => {
    const u = (i + 1) / CURVE_STEPS
    const [a, b, c] = [(1 - u) ** 2, 2 * u * (1 - u), u * u]
    return [a * from[0] + b * cx! + c * x!, a * from[1] + b * cy! + c * y!]
  })
}
