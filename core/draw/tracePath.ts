import { L, M, Q, Z, type Path } from './path'
import type { Sheet } from './sheet'

/** What a pen can do with a path, in points of the sheet from its left top. */
export interface PathPen {
  moveTo: (x: number, y: number) => void
  lineTo: (x: number, y: number) => void
  quadraticCurveTo: (cx: number, cy: number, x: number, y: number) => void
  circle: (x: number, y: number, r: number) => void
  closePath: () => void
}

/** Hands a path to a pen, step by step, at its place on the sheet. */
export function tracePath(path: Path, { perM, left, top }: Sheet, pen: PathPen) {
  for (let i = 0; i < path.length;) {
    const step = path[i++]
    if (step === Z) {
      pen.closePath()
      continue
    }
    const x = left + path[i++]! * perM
    const y = top - path[i++]! * perM
    if (step === M) pen.moveTo(x, y)
    else if (step === L) pen.lineTo(x, y)
    else if (step === Q) pen.quadraticCurveTo(x, y, left + path[i++]! * perM, top - path[i++]! * perM)
    else pen.circle(x, y, path[i++]! * perM)
  }
}
