import DxfParser from 'dxf-parser'
import { fail, ok, type Result } from '../result'
import { arcPoints, MOST_LINES, MOST_POINTS, tidy, type FoundLine } from './outline'

/** Metres in a unit of `$INSUNITS`; a drawing that names none is taken for metres. */
const METRES: Readonly<Record<number, number>> = { 1: 0.0254, 2: 0.3048, 4: 0.001, 5: 0.01, 6: 1, 14: 0.1 }

interface Vertex {
  readonly x: number
  readonly y: number
  readonly bulge?: number
}
interface Entity {
  readonly type: string
  readonly layer?: string
  readonly vertices?: readonly Vertex[]
  readonly shape?: boolean
  readonly center?: Vertex
  readonly radius?: number
  readonly startAngle?: number
  readonly endAngle?: number
}

/** The lines, polylines, arcs and circles of a DXF drawing, in metres. */
export function readDxf(text: string): Result<readonly FoundLine[]> {
  let drawing: { entities?: readonly Entity[]; header?: Record<string, unknown> } | null
  try {
    drawing = new DxfParser().parseSync(text) as unknown as typeof drawing
  } catch {
    return fail(
      'That does not read as a DXF drawing: nothing was changed. Save it again as ASCII DXF and try once more.',
    )
  }
  const entities = drawing?.entities ?? []
  if (entities.length > MOST_LINES)
    return fail(
      `The drawing has ${entities.length} pieces; ${MOST_LINES} is the most. Save only the layers of the plan.`,
    )
  const scale = METRES[Number(drawing?.header?.$INSUNITS)] ?? 1
  const found = entities
    .flatMap((e) => lineOf(e) ?? [])
    .map((line) => ({ ...line, points: line.points.map((p) => ({ x: p.x * scale, y: p.y * scale })) }))
  if (found.reduce((n, l) => n + l.points.length, 0) > MOST_POINTS)
    return fail(`The drawing has more than ${MOST_POINTS} points. Simplify it and try again.`)
  const lines = tidy(found)
  return lines.length > 0
    ? ok(lines)
    : fail('The drawing holds no lines, polylines, arcs or circles: nothing was changed.')
}

function lineOf(e: Entity): FoundLine | null {
  const name = e.layer && e.layer !== '0' ? e.layer : e.type.toLowerCase()
  if (
    (e.type === 'LINE' || e.type === 'LWPOLYLINE' || e.type === 'POLYLINE') &&
    e.vertices &&
    e.vertices.length >= 2
  )
    return { name, closed: e.shape === true, points: bulged(e.vertices, e.shape === true) }
  if (!e.center || e.radius === undefined) return null
  // dxf-parser hands out angles in radians.
  const deg = (rad = 0) => (rad * 180) / Math.PI
  if (e.type === 'CIRCLE')
    return { name, closed: true, points: arcPoints(e.center.x, e.center.y, e.radius, 0, 360) }
  return e.type === 'ARC'
    ? {
        name,
        closed: false,
        points: arcPoints(e.center.x, e.center.y, e.radius, deg(e.startAngle), deg(e.endAngle)),
      }
    : null
}

/** Points of a polyline, its bulges followed: a bulge is the tangent of a quarter of the arc's angle. */
function bulged(vertices: readonly Vertex[], closed: boolean): { x: number; y: number }[] {
  return vertices.flatMap((a, i) => {
    const b = vertices[i + 1] ?? (closed ? vertices[0]! : undefined)
    const here = [{ x: a.x, y: a.y }]
    if (!b || !a.bulge) return here
    const angle = 4 * Math.atan(a.bulge)
    const chord = Math.hypot(b.x - a.x, b.y - a.y)
    const r = chord / (2 * Math.sin(angle / 2))
    const mid = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }
    const h = r * Math.cos(angle / 2)
    const c = { x: mid.x - ((b.y - a.y) / chord) * h, y: mid.y + ((b.x - a.x) / chord) * h }
    const from = Math.atan2(a.y - c.y, a.x - c.x)
    const steps = Math.max(2, Math.ceil(Math.abs(angle) / 0.16))
    return [
      ...here,
      ...Array.from({ length: steps - 1 }, (_, k) => {
        const t = from + (angle * (k + 1)) / steps
        return { x: c.x + Math.abs(r) * Math.cos(t), y: c.y + Math.abs(r) * Math.sin(t) }
      }),
    ]
  })
}
