import type { PlacedPlant } from '../layout'
import type { Plant } from '../plant'

type Kind = readonly [Plant, readonly PlacedPlant[]]

const kept = new WeakMap<ReadonlyMap<Plant, readonly PlacedPlant[]>, readonly Kind[]>()

/** Kinds with all their plants: those of one kind that are kept in another form, as in a hedge, are of it too. */
export function kindsById(byPlant: ReadonlyMap<Plant, readonly PlacedPlant[]>): readonly Kind[] {
  const known = kept.get(byPlant)
  if (known) return known
  const kinds = new Map<string, Kind>()
  for (const [plant, placed] of byPlant) {
    const there = kinds.get(plant.id)
    kinds.set(plant.id, there ? [there[0], [...there[1], ...placed]] : [plant, placed])
  }
  const list = [...kinds.values()]
  kept.set(byPlant, list)
  return list
}
