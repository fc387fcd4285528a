import { distance, lerp, type Point } from './point'

/** Length of an open line, metres. */
export const lineLength = (line: readonly Point[]): number =>
  line.slice(1).reduce((sum, p, i) => sum + distance(p, line[i]!), 0)

/** The place so far along an open line; its ends for what lies beyond them. */
export function placeAlong(line: readonly Point[], way: number): Point {
  let left = Math.max(0, way)
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1]!, line[i]!]
    const long = distance(a, b)
    if (left <= long || i === line.length - 1) {
      const u = long > 0 ? Math.min(1, left / long) : 0
      return { x: lerp(a.x, b.x, u), y: lerp(a.y, b.y, u) }
    }
    left -= long
  }
  return line[0]!
}

/** The way square to that from one place to another, one metre long, to its left as x and y are drawn up and to the right. */
export function square(a: Point, b: Point): Point {
  const long = distance(a, b) || 1
  return { x: -(b.y - a.y) / long, y: (b.x - a.x) / long }
}

/** The outline of a band so far to both sides of an open line. */
export function bandAbout(line: readonly Point[], half: number): Point[] {
  const last = line.length - 1
  const sides = line.map((p, i) => ({ p, n: square(line[Math.max(0, i - 1)]!, line[Math.min(last, i + 1)]!) }))
  return [
    ...sides.map(({ p, n }) => ({ x: p.x + n.x * half, y: p.y + n.y * half })),
    ...[...sides].reverse().map(({ p, n }) => ({ x: p.x - n.x * half, y: p.y - n.y * half })),
  ]
}

/** An edge turns by more than this at a corner, degrees. */
const CORNER_DEG = 35

/** The corners of a closed line, or of an open one between its ends. */
export function cornersOf(line: readonly Point[], isClosed: boolean): Point[] {
  const many = line.length
  return line.filter((p, i) => {
    if (!isClosed && (i === 0 || i === many - 1)) return false
    const [before, after] = [line[(i + many - 1) % many]!, line[(i + 1) % many]!]
    const turn = Math.atan2(after.y - p.y, after.x - p.x) - Math.atan2(p.y - before.y, p.x - before.x)
    const deg = (turn * 180) / Math.PI
    return Math.abs(deg - 360 * Math.round(deg / 360)) > CORNER_DEG
  })
}
/** The middle of the box about some places. */
export function middleOf(points: readonly Point[]): Point {
  const xs = points.map((p) => p.x)
  const ys = points.map((p) => p.y)
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }
}
