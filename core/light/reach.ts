import type { GridWindow, LightGrid, LightInput } from './lightHours'
import type { Obstacle } from './obstacle'
import { shadowOfCrown, shadowOfFace, slantOf } from './shadow'
import { sunSteps } from './sun'

/** The cells that an obstacle can ever shade on the 21st of any month, as a window of the raster; null when none. */
export function reachOf(obstacle: Obstacle, input: Pick<LightInput, 'grid' | 'latitude' | 'longitude' | 'northDeg' | 'stepMinutes' | 'levels'>): GridWindow | null {
  const least = input.levels ? Math.min(0, ...new Set(input.levels)) : 0
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity]
  const hold = (x: number, y: number) => { x0 = Math.min(x0, x); x1 = Math.max(x1, x); y0 = Math.min(y0, y); y1 = Math.max(y1, y) }
  for (let month = 1; month <= 12; month++) {
    for (const step of sunSteps(month, input.latitude, input.longitude, input.stepMinutes)) {
      const slant = slantOf(step, input.northDeg)
      if (obstacle.kind === 'faces') for (const f of obstacle.faces) for (const p of shadowOfFace(f, slant, least)) hold(p.x, p.y)
      else {
        const e = shadowOfCrown(obstacle, slant, least)
        const r = Math.max(e.across, e.along)
        hold(e.x - r, e.y - r)
        hold(e.x + r, e.y + r)
      }
    }
  }
  const { grid } = input
  const window = { c0: cell(x0, grid.x0, grid, grid.cols), c1: cell(x1, grid.x0, grid, grid.cols) + 1, r0: cell(y0, grid.y0, grid, grid.rows), r1: cell(y1, grid.y0, grid, grid.rows) + 1 }
  const kept = { c0: Math.max(0, window.c0), c1: Math.min(grid.cols, window.c1), r0: Math.max(0, window.r0), r1: Math.min(grid.rows, window.r1) }
  return kept.c0 < kept.c1 && kept.r0 < kept.r1 ? kept : null
}

const cell = (at: number, from: number, grid: LightGrid, most: number) => Math.max(-1, Math.min(most, Math.floor((at - from) / grid.cellM)))

/** The smallest window that holds both. */
export const bothWindows = (a: GridWindow | null, b: GridWindow | null): GridWindow | null => (!a ? b : !b ? a : { c0: Math.min(a.c0, b.c0), c1: Math.max(a.c1, b.c1), r0: Math.min(a.r0, b.r0), r1: Math.max(a.r1, b.r1) })
