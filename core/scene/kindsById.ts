import { once } from '../once'
import type { PlacedPlant } from '../layout'
import type { Plant } from '../plant'

type Kind = readonly [Plant, readonly PlacedPlant[]]

/** Kinds with all their plants: those of one kind that are kept in another form, as in a hedge, are of it too. */
export const kindsById = once((byPlant: ReadonlyMap<Plant, readonly PlacedPlant[]>): readonly Kind[] => {
  const kinds = new Map<string, Kind>()
  for (const [plant, placed] of byPlant) {
    const there = kinds.get(plant.id)
    kinds.set(plant.id, there ? [there[0], [...there[1], ...placed]] : [plant, placed])
  }
  return [...kinds.values()]
})
