import { once } from '../once'
import type { Plant } from '../plant'
import type { Scene } from './scene'

let nextNumber = 1
const numberOf = once<Plant, number>(() => nextNumber++)

/** Which kinds stand in a bed, and how many of each, as one text. */
const countsKey = once((byPlant: Scene['byPlant']): string =>
  [...byPlant].map(([plant, list]) => `${numberOf(plant)}:${list.length} `).join(''),
)

interface Kept {
  readonly key: string
  readonly from: readonly unknown[]
  readonly value: unknown
}
const known = new Map<string, Kept[]>()
const BEDS = 4

/**
 * What follows from a bed's kinds and their numbers alone, with what else it is made from: a plant that is moved changes none of it.
 * The last few are kept under a name.
 */
export function keptByCounts<T>(name: string, scene: Scene, from: readonly unknown[], make: () => T): T {
  const key = countsKey(scene.byPlant)
  const list = known.get(name) ?? []
  const there = list.find((k) => k.key === key && k.from.every((f, i) => f === from[i]))
  if (there) return there.value as T
  const value = make()
  known.set(name, [{ key, from, value }, ...list].slice(0, BEDS))
  return value
}
