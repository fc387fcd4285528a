import type { Bed, Outline } from '../model'
import { clamp, flattenEdge, lerp, Polyline } from '../geometry'
import { isRound } from './form'
import type { BedFrame, Behind } from './frame'
import { roundFrame } from './roundFrame'

/** The frame of a bed of any kind; its edges must have passed `checkOutline` and `checkForm`. */
export const bedFrame = ({ outline, form }: Pick<Bed, 'outline' | 'form'>): BedFrame =>
  isRound(form)
    ? roundFrame(form)
    : stripFrame(outline, form.kind === 'foundation' || form.kind === 'terrace' ? 'wall' : 'open')

/** The frame of a bed with a back and a front edge. */
export function stripFrame(outline: Outline, behind: Behind = 'wall'): BedFrame {
  const back = new Polyline(flattenEdge(outline.back.kind, outline.back.stations))
  const front = new Polyline(flattenEdge(outline.front.kind, outline.front.stations))
  const firstX = front.firstX
  const lastX = front.lastX
  const depthAt = (x: number) => front.yAt(x) - back.yAt(x)
  const { area, least, greatest } = measure(front, back, depthAt)
  return {
    back,
    front,
    firstX,
    lastX,
    depthAt,
    behind,
    closed: false,
    rimM: 0,
    runFrom: firstX,
    runTo: lastX,
    outline: [...back.points, ...[...front.points].reverse()],
    at: (a, v) => ({ x: a, y: back.yAt(a) + v }),
    locate: ({ x, y }) => ({ a: x, v: y - back.yAt(x) }),
    depthAlong: depthAt,
    stretchAt: () => 1,
    frontLength: front.length,
    areaM2: area,
    depths: { least, greatest, mean: area / (lastX - firstX) },
    toPlan: ({ s, t }) => {
      const f = front.pointAt(s)
      return { x: f.x, y: lerp(back.yAt(f.x), f.y, t) }
    },
    toBed: ({ x, y }) => {
      const backY = back.yAt(x)
      return { s: front.lengthAt(x), t: (y - backY) / (front.yAt(x) - backY) }
    },
    alongAt: (s) => front.pointAt(clamp(s, 0, front.length)).x,
    sAt: (a) => front.lengthAt(a),
  }
}

/** Area between the edges by the trapezium rule over both edges' own points (exact for polylines), and the depth's extremes. */
function measure(front: Polyline, back: Polyline, depthAt: (x: number) => number) {
  const inside = (x: number) => x >= front.firstX && x <= front.lastX
  const xs = [...front.points.map((p) => p.x), ...back.points.map((p) => p.x).filter(inside)].sort((a, b) => a - b)
  let area = 0
  let least = Infinity
  let greatest = 0
  xs.forEach((x, i) => {
    const depth = depthAt(x)
    least = Math.min(least, depth)
    greatest = Math.max(greatest, depth)
    const next = xs[i + 1]
    if (next !== undefined) area += ((depth + depthAt(next)) / 2) * (next - x)
  })
  return { area, least, greatest }
}
