import type { Point } from '../../geometry'
import { arcDraw, circleDraw, cornersDraw, splineDraw, type Corner, type Draw } from '../curves'
import { isMirrored, numberOf, numbersOf, pointsOf, type DxfEntity } from './dxfGroups'

/** A shape of an entity in its own coordinates. */
interface DxfShape {
  readonly what: string
  readonly closed: boolean
  readonly draw: Draw
}
const radians = (deg: number) => (deg * Math.PI) / 180

type Reader = (e: DxfEntity, corners: readonly DxfEntity[]) => DxfShape[]

/** How each kind of entity is drawn; `corners` are the vertices that follow a polyline. */
const READERS: Readonly<Record<string, Reader>> = {
  LINE: (e) => [{ what: 'line', closed: false, draw: () => [...pointsOf(e, 10).slice(0, 1), ...pointsOf(e, 11)] }],
  LWPOLYLINE: (e) => polyline(lightCorners(e), isClosed(e)),
  POLYLINE: (e, corners) => oldPolyline(e, corners),
  CIRCLE: (e) => [{ what: 'circle', closed: true, draw: circleDraw(pointsOf(e, 10)[0]!, numberOf(e, 40)) }],
  ARC: (e) => [
    {
      what: 'arc',
      closed: false,
      draw: circleDraw(pointsOf(e, 10)[0]!, numberOf(e, 40), radians(numberOf(e, 50)), radians(numberOf(e, 51))),
    },
  ],
  ELLIPSE: ellipse,
  SPLINE: spline,
  HATCH: hatchEdges,
  SOLID: (e) => filled(e),
  TRACE: (e) => filled(e),
  '3DFACE': (e) => quad(e, [10, 11, 12, 13]),
  POINT: (e) => [{ what: 'point', closed: false, draw: () => pointsOf(e, 10).slice(0, 1) }],
}

/** The shapes of an entity; null for kinds that are not followed. A mirrored entity runs along its own axes. */
export function shapesOfDxf(e: DxfEntity, corners: readonly DxfEntity[]): DxfShape[] | null {
  const reader = READERS[e.type]
  if (!reader) return null
  const shapes = reader(e, corners)
  const isInOwnAxes = !['LINE', 'ELLIPSE', 'SPLINE', 'POINT', '3DFACE'].includes(e.type)
  if (!isInOwnAxes || !isMirrored(e)) return shapes
  return shapes.map((s) => ({ ...s, draw: (tolerance) => s.draw(tolerance).map((p) => ({ x: -p.x, y: p.y })) }))
}

const isClosed = (e: DxfEntity) => (numberOf(e, 70) & 1) === 1

const polyline = (corners: readonly Corner[], closed: boolean): DxfShape[] =>
  corners.length >= 2 ? [{ what: 'polyline', closed, draw: cornersDraw(corners, closed) }] : []

function lightCorners(e: DxfEntity): Corner[] {
  const corners: { x: number; y: number; bulge: number }[] = []
  for (const [code, value] of e.groups) {
    const last = corners[corners.length - 1]
    if (code === 10) corners.push({ x: Number(value), y: 0, bulge: 0 })
    else if (last && code === 20) last.y = Number(value)
    else if (last && code === 42) last.bulge = Number(value)
  }
  return corners
}

const MESH = 16 | 64
/** Corners of the frame that a fitted curve was made from; the curve's own corners follow them. */
const FRAME = 16

function oldPolyline(e: DxfEntity, vertices: readonly DxfEntity[]): DxfShape[] {
  if ((numberOf(e, 70) & MESH) !== 0) return []
  const corners = vertices
    .filter((v) => (numberOf(v, 70) & FRAME) === 0)
    .map((v) => ({ ...pointsOf(v, 10)[0]!, bulge: numberOf(v, 42) }))
  return polyline(corners, isClosed(e))
}

function ellipse(e: DxfEntity): DxfShape[] {
  const middle = pointsOf(e, 10)[0]!
  const a = pointsOf(e, 11)[0] ?? { x: 1, y: 0 }
  const turn = (isMirrored(e) ? -1 : 1) * numberOf(e, 40, 1)
  const b = { x: -a.y * turn, y: a.x * turn }
  const [from, to] = [numberOf(e, 41), numberOf(e, 42, 2 * Math.PI)]
  const closed = Math.abs(to - from) > 2 * Math.PI - 1e-6
  return [{ what: 'ellipse', closed, draw: arcDraw(middle, a, b, from, to) }]
}

function spline(e: DxfEntity): DxfShape[] {
  const degree = numberOf(e, 71, 3)
  const points = pointsOf(e, 10)
  const through = pointsOf(e, 11)
  const closed = isClosed(e)
  if (points.length > degree)
    return [
      {
        what: 'spline',
        closed,
        draw: splineDraw({ degree, points, knots: numbersOf(e, 40), weights: numbersOf(e, 41) }),
      },
    ]
  return through.length > 1 ? [{ what: 'spline', closed, draw: () => through }] : []
}

/** Four corners of a filled piece: the last two are written crosswise. */
const filled = (e: DxfEntity) => quad(e, [10, 11, 13, 12])

function quad(e: DxfEntity, codes: readonly number[]): DxfShape[] {
  const points = codes.flatMap((code) => pointsOf(e, code).slice(0, 1))
  return points.length >= 3 ? [{ what: 'face', closed: true, draw: () => points }] : []
}

type Group = readonly [number, string | number]
const POLYLINE_LOOP = 2

/** The edges of a hatch: each loop is an outline. */
function hatchEdges(e: DxfEntity): DxfShape[] {
  const starts = e.groups.flatMap(([code], i) => (code === 92 ? [i] : []))
  return starts.flatMap((start, i): DxfShape[] => {
    const after = e.groups.slice(start, starts[i + 1] ?? e.groups.length)
    const end = after.findIndex(([code]) => code === 97 || code === 75)
    const loop = end < 0 ? after : after.slice(0, end)
    const draw = (Number(loop[0]![1]) & POLYLINE_LOOP) === 0 ? edgesDraw(loop) : loopDraw(loop)
    return [{ what: 'hatch', closed: true, draw }]
  })
}

const loopDraw = (loop: readonly Group[]) => cornersDraw(lightCorners({ type: 'HATCH', groups: loop }), true)

function edgesDraw(loop: readonly Group[]): Draw {
  const starts = loop.flatMap(([code], i) => (code === 72 ? [i] : []))
  const edges = starts.map((start, i) =>
    edgeDraw({ type: 'EDGE', groups: loop.slice(start, starts[i + 1] ?? loop.length) }),
  )
  return (tolerance) => edges.flatMap((draw) => draw(tolerance))
}

const LINE_EDGE = 1
const ARC_EDGE = 2
const ELLIPSE_EDGE = 3

function edgeDraw(e: DxfEntity): Draw {
  const kind = numberOf(e, 72)
  const start = pointsOf(e, 10)[0] ?? { x: 0, y: 0 }
  const end = pointsOf(e, 11)[0] ?? start
  if (kind === LINE_EDGE) return () => [start, end]
  if (kind === ARC_EDGE || kind === ELLIPSE_EDGE) {
    const a: Point = kind === ARC_EDGE ? { x: numberOf(e, 40), y: 0 } : end
    const ratio = kind === ARC_EDGE ? 1 : numberOf(e, 40, 1)
    // A clockwise edge gives its angles as seen from behind.
    const isBack = numberOf(e, 73, 1) === 0
    const [from, to] = [radians(numberOf(e, 50)), radians(numberOf(e, 51, 360))]
    const b = { x: -a.y * ratio, y: a.x * ratio }
    const turned = isBack ? { x: -b.x, y: -b.y } : b
    return arcDraw(start, a, turned, from, to)
  }
  const points = pointsOf(e, 10)
  return splineDraw({ degree: numberOf(e, 94, 3), points, knots: numbersOf(e, 40), weights: numbersOf(e, 42) })
}
