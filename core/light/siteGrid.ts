import { boundsOf, levelAt, terracesOf, type PlacedThing } from '../site'
import type { Point } from '../geometry'
import type { LightGrid } from './lightGrid'

const MARGIN_M = 2
/** More cells than this make the raster coarser, not the wait longer. */
const MOST_CELLS = 60_000

/** The raster over a whole site, a quarter of a metre fine unless the site is very large. */
export function siteGrid(things: readonly PlacedThing[], beds: readonly Point[], cellM = 0.25): LightGrid {
  const { x0, y0, x1, y1 } = boundsOf(
    things.filter((t) => t.kind !== 'target'),
    beds,
  )
  const w = x1 - x0 + 2 * MARGIN_M
  const h = y1 - y0 + 2 * MARGIN_M
  const size = Math.max(cellM, Math.sqrt((w * h) / MOST_CELLS))
  return { x0: x0 - MARGIN_M, y0: y0 - MARGIN_M, cellM: size, cols: Math.ceil(w / size), rows: Math.ceil(h / size) }
}

/** The level of the ground in each cell, or null when all of it lies at 0. */
export function levelsOf(things: readonly PlacedThing[], grid: LightGrid): Float32Array | null {
  const terraces = terracesOf(things)
  if (terraces.length === 0) return null
  const levels = new Float32Array(grid.cols * grid.rows)
  for (let r = 0; r < grid.rows; r++) {
    for (let c = 0; c < grid.cols; c++) {
      const p = { x: grid.x0 + (c + 0.5) * grid.cellM, y: grid.y0 + (r + 0.5) * grid.cellM }
      levels[r * grid.cols + c] = levelAt(terraces, p)
    }
  }
  return levels
}
