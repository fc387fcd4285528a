import type { Plant } from '../plant'
import type { Scene } from './scene'

const numbers = new WeakMap<Plant, number>()
let nextNumber = 1
const numberOf = (plant: Plant): number => {
  let n = numbers.get(plant)
  if (n === undefined) numbers.set(plant, (n = nextNumber++))
  return n
}

const keys = new WeakMap<Scene['byPlant'], string>()
/** Which kinds stand in a bed, and how many of each, as one text. */
function countsKey({ byPlant }: Scene): string {
  let key = keys.get(byPlant)
  if (key === undefined) {
    key = ''
    for (const [plant, list] of byPlant) key += `${numberOf(plant)}:${list.length} `
    keys.set(byPlant, key)
  }
  return key
}

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
  const key = countsKey(scene)
  const list = known.get(name) ?? []
  const there = list.find((k) => k.key === key && k.from.every((f, i) => f === from[i]))
  if (there) return there.value as T
  const value = make()
  known.set(name, [{ key, from, value }, ...list].slice(0, BEDS))
  return value
}
