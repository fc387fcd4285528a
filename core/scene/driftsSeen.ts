import type { Drift } from '../model'
import type { PlacedPlant } from '../layout'
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

const kept = new WeakMap<Scene, readonly DriftSeen[]>()

/** The drifts that have plants, in the bed's own order. */
export function driftsSeen(scene: Scene): readonly DriftSeen[] {
  const known = kept.get(scene)
  if (known) return known
  const byDrift = new Map<string, PlacedPlant[]>()
  for (const p of scene.placement.plants) {
    const own = byDrift.get(p.driftId)
    if (own) own.push(p)
    else byDrift.set(p.driftId, [p])
  }
  const list = scene.bed.drifts.flatMap((drift): DriftSeen[] => {
    const placed = byDrift.get(drift.id)
    if (!placed) return []
    let [from, to] = [Infinity, -Infinity]
    for (const { along, plant } of placed) {
      from = Math.min(from, along - plant.spreadM / 2)
      to = Math.max(to, along + plant.spreadM / 2)
    }
    return [{ drift, plant: placed[0]!.plant, placed, from, to, middle: (from + to) / 2 }]
  })
  kept.set(scene, list)
  return list
}
