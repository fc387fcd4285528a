import type { Bed, Drift, Shape } from '../model'
import { withoutNumbers } from '../bed'
import { lineLength, toMm, type Point } from '../geometry'
import { applyEdit } from './edit'
import type { Edit } from './editSchema'

const SIDES = 24
/** A loop is so many times as long as it is wide. */
const LOOP = 2

/**
 * A hedge as a knot: two closed loops of the same size across one another, that go over and under by turns. As large as the hedge was long;
 * the second loop is a drift of its own, so that it can be of another kind. `fitsOf` tells how many plants fit the hedges of a bed, so that
 * each loop has as many as there is room for beside its crossings.
 */
export function knotOf(bed: Bed, drift: Drift, newId: string, fitsOf: FitsOf): Edit | null {
  const { shape } = drift
  if (shape?.kind !== 'hedge') return null
  const half = Math.max(shape.widthM * 2, reachOf(shape.line))
  const one = loop(half, half / LOOP)
  const other = one.map(({ x, y }) => ({ x: y, y: x }))
  const count = Math.max(4, Math.min(500, Math.round(lineLength([...one, one[0]!]) / shape.stepM)))
  const closed = (line: readonly Point[]): Shape => ({ ...shape, line, closed: true })
  const edits: Edit[] = [
    { kind: 'changeDrift', driftId: drift.id, change: { shape: closed(one), count } },
    {
      kind: 'addDrift',
      drift: { ...withoutNumbers(drift), id: newId, count, shape: closed(other) },
      position: bed.drifts.findIndex((d) => d.id === drift.id) + 1,
    },
  ]
  const made = applyEdit(bed, { kind: 'all', name: '', edits }).bed
  const fits = fitsOf(made)
  const counted = fits
    .filter((f) => f.fits > 0 && (f.driftId === drift.id || f.driftId === newId))
    .map((f): Edit => ({ kind: 'changeDrift', driftId: f.driftId, change: { count: f.fits } }))
  return { kind: 'all', name: 'make a knot', edits: [...edits, ...counted] }
}

type FitsOf = (bed: Bed) => readonly { readonly driftId: string; readonly fits: number }[]

const reachOf = (line: readonly Point[]) => Math.max(...line.map((p) => Math.hypot(p.x, p.y)))

/** A long loop with round ends. */
const loop = (a: number, b: number): Point[] =>
  Array.from({ length: SIDES }, (_, i) => {
    const t = ((i + 0.5) / SIDES) * 2 * Math.PI
    const square = (n: number) => Math.sign(n) * Math.abs(n) ** 0.7
    return { x: toMm(square(Math.cos(t)) * a), y: toMm(square(Math.sin(t)) * b) }
  })
