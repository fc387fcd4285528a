import type { Drift } from '../model'
import { rowDistanceM } from './spacing'

/** Places of a drift's plants about its own middle: dx along the bed, dy out from the middle of its room; metres. */
export interface DriftShape {
  readonly places: readonly { readonly dx: number; readonly dy: number }[]
  readonly width: number
}

/**
 * The shape of a drift of `count` plants `d` apart where their middles have `room` across the bed, in a lane whose middle line
 * rises at most `slope` per metre (rows are set further apart on a slope, so that neighbours in two rows keep their distance). Rows
 * that have less room than they want come nearer to one another and grow longer: pitch `2 √(d² − r²)` for rows r apart.
 */
export function driftShape(
  drift: Pick<Drift, 'count' | 'pattern'>,
  d: number,
  room: number,
  slope: number,
): DriftShape {
  const wanted = rowDistanceM(d, d) + (slope * d) / 2
  const rows = rowsOf(drift, d, room, wanted)
  const between = rows > 1 ? Math.min(wanted, Math.max(0, room) / (rows - 1)) : wanted
  const pitch = between < wanted ? pitchOf(d, Math.max(0, between - (slope * d) / 2)) : d
  const columns = Math.ceil(drift.count / rows)
  const places: { dx: number; dy: number }[] = []
  for (let i = 0; i < drift.count; i++) {
    const row = i % rows
    places.push({ dx: (Math.floor(i / rows) + (row % 2) / 2) * pitch, dy: (row - (rows - 1) / 2) * between })
  }
  const right = Math.max(...places.map((p) => p.dx), (columns - 1) * pitch)
  return { places: places.map((p) => ({ dx: p.dx - right / 2, dy: p.dy })), width: right + d }
}

/** The pitch along two staggered rows `between` apart at which neighbours stand `d` from one another, in rows and across. */
const pitchOf = (d: number, between: number) => Math.max(d, 2 * Math.sqrt(Math.max(0, d * d - between * between)))

function rowsOf(
  { count, pattern }: Pick<Drift, 'count' | 'pattern'>,
  d: number,
  room: number,
  between: number,
): number {
  if (count < 3 || pattern === 'row' || pattern === 'dotted') return 1
  if (pattern === 'staggered') return 2
  const fit = 1 + Math.floor(Math.max(0, room) / between + 1e-9)
  return Math.max(1, Math.min(fit, Math.ceil(Math.sqrt(count))))
}
