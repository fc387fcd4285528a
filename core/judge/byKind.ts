import type { PlacedPlant } from '../layout'

/** Some plants by their kind, kinds in order of first appearance. */
export function byKind(plants: readonly PlacedPlant[]): PlacedPlant[][] {
  const kinds = new Map<string, PlacedPlant[]>()
  for (const p of plants) {
    const own = kinds.get(p.plant.id)
    if (own) own.push(p)
    else kinds.set(p.plant.id, [p])
  }
  return [...kinds.values()]
}
