import type { Drift } from '../model'
import type { Edit } from '../edit'
import type { Plant } from '../plant'
import { driftsSeen, type DriftSeen, type Scene } from '../scene'

const MOST = 40

/** As many of another kind as cover what a drift's plants cover, one at least. */
export const fitting = (d: DriftSeen, p: Plant): number =>
  Math.max(1, Math.min(MOST, Math.floor((d.placed.length * d.plant.spreadM ** 2) / p.spreadM ** 2 + 0.3)))

/** A drift as another kind: as many as its place holds. */
export const asKind = (d: DriftSeen, p: Plant): Edit => ({
  kind: 'changeDrift',
  driftId: d.drift.id,
  change: { plantId: p.id, count: p.spreadM > d.plant.spreadM * 1.05 ? fitting(d, p) : d.drift.count },
})

const LEAST_M = 0.35

/** Drifts that carry on each lane's own kinds through what is free of a stretch of the running coordinate, metres. */
export function carriedOn(scene: Scene, from: number, to: number): Drift[] {
  const groups = driftsSeen(scene).filter(
    (d) => d.plant.spacingHabit === 'stands' && !d.drift.shape && d.plant.kind !== 'climber',
  )
  return scene.bed.laneShares.flatMap((_, lane): Drift[] => {
    const own = groups.filter((d) => d.drift.lane === lane).sort((a, b) => a.middle - b.middle)
    return own.length === 0 ? [] : freeParts(own, from, to).flatMap((part) => filled(scene, lane, own, part))
  })
}

/** As many of a kind as fill a length of a lane in staggered rows, one at least; metres. */
export function fillCount({ frame, bed, school }: Scene, lane: number, plant: Plant, lengthM: number): number {
  const apart = school.spacing * plant.spreadM
  const rows = Math.max(1, Math.floor((frame.depths.mean * bed.laneShares[lane]!) / (apart * ROW_STEP)))
  return Math.max(1, Math.min(MOST, rows * Math.floor((lengthM + 0.05) / apart)))
}

const MOST_DRIFTS = 8
const ROW_STEP = 0.87

/** A free part of a lane filled from its left with the kinds beside it in turn. */
function filled(scene: Scene, lane: number, own: readonly DriftSeen[], [a, b]: readonly [number, number]): Drift[] {
  const laneM = scene.frame.depths.mean * scene.bed.laneShares[lane]!
  const kinds = besides(own, a, b)
  const drifts: Drift[] = []
  let x = a
  for (let turn = 0; b - x > LEAST_M && turn < 2 * MOST_DRIFTS; turn++) {
    const { plant, drift } = kinds[turn % kinds.length]!
    const apart = scene.school.spacing * plant.spreadM
    if (apart > b - x + LEAST_M) continue
    const rows = Math.max(1, Math.floor(laneM / (apart * ROW_STEP)))
    const columns = Math.max(1, Math.min(Math.ceil(drift.count / rows), Math.floor((b - x + 0.15) / apart)))
    const wide = columns * apart
    drifts.push({
      id: `fill-${lane}-${Math.round((x + wide / 2) * 100)}`,
      plantId: plant.id,
      lane,
      at: scene.frame.sAt(Math.min(x + wide / 2, b)),
      count: Math.min(drift.count, columns * rows),
      pattern: 'mass',
      everyM: 1,
    })
    x += wide
  }
  return drifts
}

/** The kinds that take turns in a free part: the one after its left neighbour's first, and the left neighbour's own. */
function besides(own: readonly DriftSeen[], a: number, b: number): readonly DriftSeen[] {
  const left = lastBefore(own, a)
  const right = own.find((d) => d.from >= b - 0.01)
  const first = left ?? right ?? own[0]!
  const other = right && right.plant.id !== first.plant.id ? right : own.find((d) => d.plant.id !== first.plant.id)
  return other ? [other, first] : [first]
}

const lastBefore = (own: readonly DriftSeen[], a: number) => own.filter((d) => d.to <= a + 0.01).at(-1)

/** What of a stretch a lane's groups leave free. */
function freeParts(own: readonly DriftSeen[], from: number, to: number): [number, number][] {
  const parts: [number, number][] = []
  let x = from
  for (const d of own) {
    if (d.to <= x || d.from >= to) continue
    if (d.from - x > LEAST_M) parts.push([x, d.from])
    x = Math.max(x, d.to)
  }
  if (to - x > LEAST_M) parts.push([x, to])
  return parts
}
