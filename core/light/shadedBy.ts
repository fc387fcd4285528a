import type { GridWindow, LightGrid } from './lightGrid'
import type { Obstacle } from './obstacle'
import { shadowOfCrown, shadowOfFace, type Slant } from './shadow'

/** The cells that obstacles shade at one slant of the light, as a window of the raster; null when none. */
export function shadedBy(
  obstacles: readonly Obstacle[],
  slant: Slant,
  level: number,
  grid: LightGrid,
): GridWindow | null {
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity]
  const hold = (x: number, y: number) => {
    x0 = Math.min(x0, x)
    x1 = Math.max(x1, x)
    y0 = Math.min(y0, y)
    y1 = Math.max(y1, y)
  }
  for (const obstacle of obstacles) {
    if (obstacle.kind === 'faces')
      for (const f of obstacle.faces) for (const p of shadowOfFace(f, slant, level)) hold(p.x, p.y)
    else {
      const e = shadowOfCrown(obstacle, slant, level)
      const r = Math.max(e.across, e.along)
      hold(e.x - r, e.y - r)
      hold(e.x + r, e.y + r)
    }
  }
  const cell = (at: number, from: number, most: number) =>
    Math.max(0, Math.min(most, Math.floor((at - from) / grid.cellM)))
  if (x1 < grid.x0 || y1 < grid.y0 || !Number.isFinite(x0)) return null
  const window = {
    c0: cell(x0, grid.x0, grid.cols),
    c1: Math.min(grid.cols, cell(x1, grid.x0, grid.cols) + 1),
    r0: cell(y0, grid.y0, grid.rows),
    r1: Math.min(grid.rows, cell(y1, grid.y0, grid.rows) + 1),
  }
  return window.c0 < window.c1 && window.r0 < window.r1 ? window : null
}
