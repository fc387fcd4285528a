import type { Drift } from '../bed'
import { rowDistanceM } from './spacing'

/** Places of a drift's plants about its own middle: dx along the bed, dy out from the lane's middle line; metres. */
export interface DriftShape {
  readonly places: readonly { readonly dx: number; readonly dy: number }[]
  readonly width: number
}

/**
 * The shape of a drift of `count` plants `d` apart in a lane `laneDepth` deep whose middle line rises at most `slope` per
 * metre (rows are set further apart on a slope, so that neighbours in two rows keep their distance).
 */
export function driftShape(
  drift: Pick<Drift, 'count' | 'pattern'>,
  d: number,
  laneDepth: number,
  slope: number,
): DriftShape {
  const between = rowDistanceM(d, d) + (slope * d) / 2
  const rows = rowsOf(drift, d, laneDepth, between)
  const columns = Math.ceil(drift.count / rows)
  const places: { dx: number; dy: number }[] = []
  for (let i = 0; i < drift.count; i++) {
    const row = i % rows
    places.push({ dx: (Math.floor(i / rows) + (row % 2) / 2) * d, dy: (row - (rows - 1) / 2) * between })
  }
  const right = Math.max(...places.map((p) => p.dx), (columns - 1) * d)
  return { places: places.map((p) => ({ dx: p.dx - right / 2, dy: p.dy })), width: right + d }
}

function rowsOf(
  { count, pattern }: Pick<Drift, 'count' | 'pattern'>,
  d: number,
  laneDepth: number,
  between: number,
): number {
  if (count < 3 || pattern === 'row' || pattern === 'dotted') return 1
  if (pattern === 'staggered') return 2
  const fit = 1 + Math.floor(Math.max(0, laneDepth - 0.5 * d) / between + 1e-9)
  return Math.max(1, Math.min(fit, Math.ceil(Math.sqrt(count))))
}
