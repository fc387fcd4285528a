import type { Bed } from '../model'
import { freedBy, plantCounts } from '../bed'
import type { Plant, SoldSize } from '../plant'
import { keyLetters } from './keyLetters'

/** One line of the plant schedule. Money in the garden's currency. */
interface ScheduleLine {
  readonly key: string
  readonly plant: Plant
  readonly need: number
  /** What is there already: counted by hand, and freed by what is moved or divided. */
  readonly have: number
  readonly haveByHand: number
  readonly freed: number
  readonly buy: number
  readonly size: SoldSize
  readonly total: number
}

interface Schedule {
  readonly lines: readonly ScheduleLine[]
  readonly plants: number
  readonly total: number
  readonly missing: readonly string[]
}

/**
 * The schedule of a bed with all its repeated parts: one line a plant, in the order of the key. `missing` names
 * drifts' plants that the library lacks.
 */
export function schedule(bed: Bed, library: ReadonlyMap<string, Plant>): Schedule {
  const need = plantCounts(bed)
  const plants = [...need.keys()].map((id) => library.get(id)).filter((p): p is Plant => p !== undefined)
  const keys = keyLetters(plants)
  const lines = plants.map((plant) => lineOf(plant, keys.get(plant.id)!, need.get(plant.id)!, bed))
  lines.sort((a, b) => a.key.length - b.key.length || (a.key < b.key ? -1 : 1))
  return {
    lines,
    plants: lines.reduce((sum, l) => sum + l.need, 0),
    total: money(lines.reduce((sum, l) => sum + l.total, 0)),
    missing: [...need.keys()].filter((id) => !library.has(id)),
  }
}

function lineOf(plant: Plant, key: string, need: number, bed: Bed): ScheduleLine {
  const buying = bed.buying.find((b) => b.plantId === plant.id)
  const size = plant.sizes.find((s) => s.label === buying?.size) ?? plant.sizes[0]!
  const freed = bed.existing.filter((e) => e.plantId === plant.id).reduce((n, e) => n + freedBy(e), 0)
  const haveByHand = buying?.have ?? 0
  const have = Math.min(haveByHand + freed, need)
  const buy = need - have
  return { key, plant, need, have, haveByHand, freed, buy, size, total: money(buy * size.price) }
}

const money = (n: number) => Math.round(n * 100) / 100
