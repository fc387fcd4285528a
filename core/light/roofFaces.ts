import type { Roof } from '../model'
import type { Point } from '../geometry'

/**
 * The faces of a roof. A gable or hip stands on the smallest rectangle along the outline's longest side, its ridge along the rectangle's
 * longer axis; gable ends are faces of their own. A ridge at or below the eaves makes it flat. Metres.
 */
export function roofFaces(outline: readonly Point[], eaveM: number, roof: Roof): Corner[][] {
  if (roof.kind === 'flat' || roof.ridgeM <= eaveM) return [outline.map((p) => ({ ...p, z: eaveM }))]
  const { centre, ux, uy, halfLong, halfShort } = boxOf(outline)
  const at = (a: number, b: number, z: number): Corner => ({
    x: centre.x + ux * a - uy * b,
    y: centre.y + uy * a + ux * b,
    z,
  })
  const ridge = roof.kind === 'gable' ? halfLong : Math.max(0, halfLong - halfShort)
  const corners = [
    at(-halfLong, -halfShort, eaveM),
    at(halfLong, -halfShort, eaveM),
    at(halfLong, halfShort, eaveM),
    at(-halfLong, halfShort, eaveM),
  ] as const
  const from = at(-ridge, 0, roof.ridgeM)
  const to = at(ridge, 0, roof.ridgeM)
  return [
    [corners[0], corners[1], to, from],
    [corners[2], corners[3], from, to],
    [corners[1], corners[2], to],
    [corners[3], corners[0], from],
  ]
}

/** The rectangle along the longest side that holds an outline: its middle, its long axis and its half sides. */
function boxOf(outline: readonly Point[]) {
  let longest = 0
  let ux = 1
  let uy = 0
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!
    const length = Math.hypot(b.x - a.x, b.y - a.y)
    if (length > longest) {
      longest = length
      ux = (b.x - a.x) / length
      uy = (b.y - a.y) / length
    }
  })
  const along = outline.map((p) => p.x * ux + p.y * uy)
  const across = outline.map((p) => p.y * ux - p.x * uy)
  const [a0, a1, b0, b1] = [Math.min(...along), Math.max(...along), Math.min(...across), Math.max(...across)]
  const a = (a0 + a1) / 2
  const b = (b0 + b1) / 2
  const centre = { x: ux * a - uy * b, y: uy * a + ux * b }
  if (a1 - a0 >= b1 - b0) return { centre, ux, uy, halfLong: (a1 - a0) / 2, halfShort: (b1 - b0) / 2 }
  return { centre, ux: -uy, uy: ux, halfLong: (b1 - b0) / 2, halfShort: (a1 - a0) / 2 }
}
/** A corner in space: metres, z above the site's ground. */
export interface Corner {
  readonly x: number
  readonly y: number
  readonly z: number
}
