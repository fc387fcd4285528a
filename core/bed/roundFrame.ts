import { line as d3Line, curveCardinalClosed } from 'd3-shape'
import type { RoundEdge, RoundForm } from '../model'
import { clamp, distance, polygonArea, Polyline, Recorder, type Point } from '../geometry'
import type { BedFrame } from './frame'
import { hasQuarters, segmentEdge } from './court'

const CIRCLE_SIDES = 96
const TENSION = 0

/** The polygon of a closed edge, first point not repeated. */
export function closedLine({ smooth, stations }: RoundEdge): Point[] {
  if (!smooth) return [...stations]
  const recorder = new Recorder()
  d3Line<Point>(
    (p) => p.x,
    (p) => p.y,
  )
    .curve(curveCardinalClosed.tension(TENSION))
    .context(recorder as unknown as CanvasRenderingContext2D)([...stations])
  const { points } = recorder
  const open = distance(points[0]!, points[points.length - 1]!) < 1e-9 ? points.slice(0, -1) : points
  // The curve begins at a station of its own choosing; s begins at the first.
  const first = open.findIndex((p) => distance(p, stations[0]!) < 1e-6)
  return [...open.slice(first), ...open.slice(0, first)]
}

/** The middle of a closed edge: a point, or a spine along its longer way, and the nearest place of it to any place. */
export function middleOf(line: readonly Point[]): { from: Point; to: Point; spine(p: Point): Point } {
  const xs = line.map((p) => p.x)
  const ys = line.map((p) => p.y)
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const cx = (x0 + x1) / 2
  const cy = (y0 + y1) / 2
  const half = (x1 - x0 - (y1 - y0)) / 2
  // A bed nearly as wide as long has a point for a middle.
  const long = Math.abs(half) < 0.1 * Math.min(x1 - x0, y1 - y0) ? 0 : Math.abs(half)
  const from = half >= 0 ? { x: cx - long, y: cy } : { x: cx, y: cy - long }
  const to = half >= 0 ? { x: cx + long, y: cy } : { x: cx, y: cy + long }
  return {
    from,
    to,
    spine: (p) => (half >= 0 ? { x: clamp(p.x, from.x, to.x), y: cy } : { x: cx, y: clamp(p.y, from.y, to.y) }),
  }
}

/**
 * Where a ray from a place in a direction meets a closed line: distance in lengths of the direction, side and
 * share of it; nearest first.
 */
export function rayHits(
  line: readonly Point[],
  from: Point,
  d: Point,
): { at: number; side: number; share: number }[] {
  const hits: { at: number; side: number; share: number }[] = []
  for (let i = 0; i < line.length; i++) {
    const a = line[i]!
    const b = line[(i + 1) % line.length]!
    const ex = b.x - a.x
    const ey = b.y - a.y
    const cross = d.x * ey - d.y * ex
    if (Math.abs(cross) < 1e-14) continue
    const at = ((a.x - from.x) * ey - (a.y - from.y) * ex) / cross
    const share = ((a.x - from.x) * d.y - (a.y - from.y) * d.x) / cross
    if (at > 1e-9 && share >= -1e-9 && share < 1 - 1e-9) hits.push({ at, side: i, share: clamp(share, 0, 1) })
  }
  return hits.sort((p, q) => p.at - q.at)
}

const ORIGIN = { x: 0, y: 0 }
/** A court's segment lies about its own middle. */
const POINT = { from: ORIGIN, to: ORIGIN, spine: () => ORIGIN }
const hasOneMiddle = (form: RoundForm) => form.kind === 'court' && !hasQuarters(form)

/** The frame of a bed that goes round a middle: s runs round its edge, t from the middle (or the rim of what stands there) to the edge. */
export function roundFrame(form: RoundForm): BedFrame {
  const line = edgeOf(form)
  const rim = form.kind === 'island' || form.kind === 'ring' ? form.rimM : 0
  const middle = hasOneMiddle(form) ? POINT : middleOf(line)
  const { spine } = middle
  const lengths = [0]
  line.forEach((p, i) => lengths.push(lengths[i]! + distance(p, line[(i + 1) % line.length]!)))
  const length = lengths[line.length]!
  const turn = (s: number) => ((s % length) + length) % length
  const edgeAt = (s: number): Point => {
    const at = turn(s)
    let low = 0
    let high = line.length - 1
    while (low < high) {
      const m = (low + high + 1) >> 1
      if (lengths[m]! <= at) low = m
      else high = m - 1
    }
    const a = line[low]!
    const b = line[(low + 1) % line.length]!
    const u = (at - lengths[low]!) / (lengths[low + 1]! - lengths[low]!)
    return { x: a.x + (b.x - a.x) * u, y: a.y + (b.y - a.y) * u }
  }
  const ray = (s: number) => {
    const e = edgeAt(s)
    const m = spine(e)
    const whole = Math.max(1e-9, distance(m, e))
    return { m, ux: (e.x - m.x) / whole, uy: (e.y - m.y) / whole, depth: whole - rim }
  }
  const at = (a: number, v: number): Point => {
    const { m, ux, uy } = ray(a)
    return { x: m.x + ux * (rim + v), y: m.y + uy * (rim + v) }
  }
  const depthAlong = (a: number) => ray(a).depth
  const locate = (p: Point) => {
    const m = spine(p)
    let d = { x: p.x - m.x, y: p.y - m.y }
    const far = Math.hypot(d.x, d.y)
    if (far < 1e-9) d = { x: 0, y: 1 }
    const hit = rayHits(line, m, d)[0]
    return {
      a: hit ? turn(lengths[hit.side]! + hit.share * (lengths[hit.side + 1]! - lengths[hit.side]!)) : 0,
      v: far - rim,
    }
  }
  const depths = line.map((_, i) => depthAlong(lengths[i]!))
  const { from, to } = middle
  const innerLength = 2 * Math.PI * rim + 2 * distance(from, to)
  const { back, front } = envelope(line)
  const area = polygonArea(line) - middleArea(middle, rim)
  return {
    back,
    front,
    closed: true,
    rimM: rim,
    behind: rim > 0 ? 'rim' : 'middle',
    outline: line,
    firstX: front.firstX,
    lastX: front.lastX,
    frontLength: length,
    areaM2: area,
    runFrom: 0,
    runTo: length,
    depths: {
      least: Math.min(...depths),
      greatest: Math.max(...depths),
      mean: depths.reduce((p, q) => p + q, 0) / depths.length,
    },
    at,
    locate,
    depthAlong,
    // The mean of the whole line at that depth: a corner is no shorter than its sides.
    stretchAt: (a, v) => {
      const t = v / depthAlong(a)
      return Math.max(0.02, (innerLength + (length - innerLength) * t) / length)
    },
    toPlan: ({ s, t }) => at(s, t * depthAlong(s)),
    toBed: (p) => {
      const { a, v } = locate(p)
      return { s: a, t: v / depthAlong(a) }
    },
    depthAt: (x) => front.yAt(x) - back.yAt(x),
    alongAt: (s) => turn(s),
    sAt: (a) => turn(a),
  }
}

function edgeOf(form: RoundForm): Point[] {
  switch (form.kind) {
    case 'court':
      return closedLine(segmentEdge(form))
    case 'container':
      return Array.from({ length: CIRCLE_SIDES }, (_, i) => {
        const a = Math.PI + (i / CIRCLE_SIDES) * 2 * Math.PI
        return { x: (Math.cos(a) * form.diameterM) / 2, y: (-Math.sin(a) * form.diameterM) / 2 }
      })
    default:
      return closedLine(form.edge)
  }
}

/** Area kept clear about the middle: a circle, or a stadium along a spine. */
function middleArea({ from, to }: { from: Point; to: Point }, rim: number) {
  return rim <= 0 ? 0 : Math.PI * rim * rim + 2 * rim * distance(from, to)
}

/** The far and the near edge of a closed line as seen with the viewer below: least and greatest y at each x. */
export function envelope(line: readonly Point[]): { back: Polyline; front: Polyline } {
  const xs = [...new Set(line.map((p) => Math.round(p.x * 1e6) / 1e6))].sort((a, b) => a - b)
  const ends = (x: number) => {
    let low = Infinity
    let high = -Infinity
    line.forEach((a, i) => {
      const b = line[(i + 1) % line.length]!
      if (Math.min(a.x, b.x) > x + 1e-6 || Math.max(a.x, b.x) < x - 1e-6) return
      const ys =
        Math.abs(b.x - a.x) < 1e-9 ? [a.y, b.y] : [a.y + (b.y - a.y) * clamp((x - a.x) / (b.x - a.x), 0, 1)]
      for (const y of ys) {
        low = Math.min(low, y)
        high = Math.max(high, y)
      }
    })
    return { low, high }
  }
  const both = xs.map((x) => ({ x, ...ends(x) }))
  return {
    back: new Polyline(both.map(({ x, low }) => ({ x, y: low }))),
    front: new Polyline(both.map(({ x, high }) => ({ x, y: high }))),
  }
}
