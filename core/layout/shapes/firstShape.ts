import type { Bed, Drift, Shape, ShapeKind } from '../../model'
import { laneMiddleShare, startShape, type BedFrame } from '../../bed'
import type { Plant } from '../../plant'
import type { PlacedPlant, Placement } from '../PlacedPlant'

const MOST_TARGETS = 40

interface Around {
  readonly placement: Placement
  readonly frame: BedFrame
  readonly bed: Pick<Bed, 'laneShares'>
  readonly school: { readonly spacing: number }
}

/** The shape of a kind that a drift first gets: where it stands and as long as it is; a ring goes round the nearest plant it can. */
export function firstShape(
  { placement, frame, bed, school }: Around,
  drift: Drift,
  plant: Plant,
  kind: ShapeKind,
): Shape {
  const spacingM = plant.spreadM * school.spacing
  const span = placement.spans.find((s) => s.driftId === drift.id)
  const longM = span ? span.to - span.from : spacingM * drift.count
  const out = drift.shape?.out ?? laneMiddleShare(bed.laneShares, drift.lane)
  const shape = startShape(kind, out, longM, spacingM, drift.count)
  if (shape.kind !== 'ring') return shape
  const at = frame.alongAt(drift.at)
  const [nearest] = ringTargets(placement, drift, spacingM).sort(
    (a, b) => Math.abs(a.along - at) - Math.abs(b.along - at),
  )
  return { ...shape, about: nearest ? { driftId: nearest.driftId, index: nearest.index } : null }
}

/** What a drift can go round: plants of others as wide as its spacing, the widest first. */
export const ringTargets = ({ plants }: Placement, drift: Drift, spacingM: number): PlacedPlant[] =>
  plants
    .filter((p) => p.driftId !== drift.id && p.plant.spreadM >= spacingM)
    .sort((a, b) => b.plant.spreadM - a.plant.spreadM)
    .slice(0, MOST_TARGETS)
