import type { Bed, Drift } from '../model'
import { numbersOf } from '../bed'
import { swapKind, type Edit } from '../edit'
import { firstDrift, type PlacedPlant } from '../layout'
import type { Plant } from '../plant'
import type { Scene } from '../scene'
import type { Loss } from './losses'

/**
 * The edit that sets a kind where plants were lost, and nowhere else: a drift that was lost whole changes its kind; what is left of another
 * stays as it is, and the new plants become a drift of their own, pinned to the places of the lost. Null when none of them is planned any
 * more. `newId` names new drifts.
 */
export function replaceLost(scene: Scene, loss: Loss, by: Plant, newId: () => string): Edit | null {
  const { bed } = scene
  const edits = loss.drifts.flatMap(({ driftId, count, places }): Edit[] => {
    const drift = bed.drifts.find((d) => d.id === driftId)
    if (!drift) return []
    const lost = lostOf(drift, count, places)
    if (lost.length >= numbersOf(drift).length) return swapKind(bed, drift.plantId, by.id, new Set([driftId]))
    const at = lost.flatMap((n) => scene.placement.plants.find((p) => p.driftId === driftId && p.index === n) ?? [])
    return at.length > 0 ? [...lost.map(takeOut(driftId)), ...ownDrift(bed, drift, at, scene, by, newId())] : []
  })
  const name = `${by.commonName} where ${loss.plant.commonName} was lost`
  return edits.length > 0 ? { kind: 'all', name, edits } : null
}

/** Numbers of a drift's plants that were lost: those whose places were said, then as many more as were counted. */
function lostOf(drift: Drift, count: number, places: readonly string[]): number[] {
  const said = new Set(places.map((p) => Number(p.split('@')[0]!.split(':')[1])))
  const all = numbersOf(drift)
  const first = all.filter((n) => said.has(n))
  return [...first, ...all.filter((n) => !said.has(n)).slice(0, Math.max(0, count - first.length))]
}

const takeOut =
  (driftId: string) =>
  (index: number): Edit => ({ kind: 'removePlant', driftId, index })

function ownDrift(
  bed: Bed,
  from: Drift,
  at: readonly PlacedPlant[],
  { frame }: Scene,
  by: Plant,
  id: string,
): Edit[] {
  const base = firstDrift(id, by, from.lane, frame.sAt(at[0]!.along), bed)
  const drift: Drift = { ...base, count: at.length, pattern: 'row' }
  const pins = at.map(({ x, y }, index) => ({ driftId: id, index, x, y }))
  return [
    { kind: 'addDrift', drift },
    { kind: 'setPins', driftId: id, pins },
  ]
}
