import type { Point } from '../geometry'
import { L, M, O, Q, Z, type Path } from './path'

/** A closed or open line through points. */
export function linePath(points: readonly Point[], closed: boolean): Path {
  const path: Path = []
  points.forEach((p, i) => path.push(i === 0 ? M : L, p.x, p.y))
  if (closed) path.push(Z)
  return path
}

/** A rectangle from its left foot. */
export const rectPath = (x: number, y: number, width: number, height: number): Path => [
  ...[M, x, y, L, x + width, y, L, x + width, y + height, L, x, y + height, Z],
]

export const circlePath = (x: number, y: number, r: number): Path => [O, x, y, r]

const EIGHTH = Math.PI / 4
/** How far a quadratic curve's handle lies outside the eighth of a circle it follows. */
const HANDLE = 1 / Math.cos(EIGHTH / 2)

/** An ellipse, by eight curves; turned by `angle` (radians). */
export function ellipsePath(x: number, y: number, rx: number, ry: number, angle = 0): Path {
  const cos = Math.cos(angle)
  const sin = Math.sin(angle)
  const at = (a: number, k: number): [number, number] => {
    const u = Math.cos(a) * rx * k
    const v = Math.sin(a) * ry * k
    return [x + u * cos - v * sin, y + u * sin + v * cos]
  }
  const path: Path = [M, ...at(0, 1)]
  for (let i = 0; i < 8; i++) path.push(Q, ...at((i + 0.5) * EIGHTH, HANDLE), ...at((i + 1) * EIGHTH, 1))
  path.push(Z)
  return path
}

/** A rectangle with round corners, from its left foot. */
export function roundedPath(x: number, y: number, width: number, height: number, r: number): Path {
  const [x1, y1] = [x + width, y + height]
  const low = [M, x + r, y, L, x1 - r, y, Q, x1, y, x1, y + r, L, x1, y1 - r]
  return [...low, Q, x1, y1, x1 - r, y1, L, x + r, y1, Q, x, y1, x, y1 - r, L, x, y + r, Q, x, y, x + r, y, Z]
}

/** Numbers that follow each step of a path. */
const COORDINATES: Readonly<Record<number, number>> = { [M]: 1, [L]: 1, [Q]: 2, [Z]: 0, [O]: 1 }

/** A path moved to a place, each way at its own scale; a circle takes the greater of both. */
export function movedPath(path: Path, to: Point, across: number, up: number): Path {
  const moved: Path = []
  for (let i = 0; i < path.length;) {
    const step = path[i++]!
    moved.push(step)
    for (let k = COORDINATES[step]!; k > 0; k--) moved.push(to.x + path[i++]! * across, to.y + path[i++]! * up)
    if (step === O) moved.push(path[i++]! * Math.max(Math.abs(across), up))
  }
  return moved
}

/** The least box about a path's points and handles; null for an empty path. */
export function boundsOfPath(path: Path): { x0: number; y0: number; x1: number; y1: number } | null {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity]
  for (let i = 0; i < path.length;) {
    const step = path[i++]!
    const r = step === O ? path[i + 2]! : 0
    for (let k = COORDINATES[step]!; k > 0; k--) {
      const [x, y] = [path[i++]!, path[i++]!]
      x0 = Math.min(x0, x - r)
      x1 = Math.max(x1, x + r)
      y0 = Math.min(y0, y - r)
      y1 = Math.max(y1, y + r)
    }
    if (step === O) i++
  }
  return x0 > x1 ? null : { x0, y0, x1, y1 }
}
