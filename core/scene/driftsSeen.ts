import { once } from '../once'
import type { Drift } from '../model'
import { plantsByDrift, type PlacedPlant } from '../layout'
import type { Plant } from '../plant'
import type { Scene } from './scene'

/** A drift with the plants that stand for it, and the stretch they take along the bed; metres. */
export interface DriftSeen {
  readonly drift: Drift
  /** Its first kind. */
  readonly plant: Plant
  readonly placed: readonly PlacedPlant[]
  readonly from: number
  readonly to: number
  readonly middle: number
}

/** The drifts that have plants, in the bed's own order. */
export const driftsSeen = once((scene: Scene): readonly DriftSeen[] => {
  const byDrift = plantsByDrift(scene.placement)
  return scene.bed.drifts.flatMap((drift): DriftSeen[] => {
    const placed = byDrift.get(drift.id)
    if (!placed) return []
    let [from, to] = [Infinity, -Infinity]
    for (const { along, plant } of placed) {
      from = Math.min(from, along - plant.spreadM / 2)
      to = Math.max(to, along + plant.spreadM / 2)
    }
    return [{ drift, plant: placed[0]!.plant, placed, from, to, middle: (from + to) / 2 }]
  })
})
