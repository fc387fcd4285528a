import { once } from '../once'
import type { Bed } from '../model'
import { plantCounts } from '../bed'
import type { Plant } from '../plant'

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'

/**
 * A key for each plant of a plan: the first letter of its botanical name if free, else the next free of the name, then of the
 * alphabet, then two letters. Given in the order of the list, so that the same bed always carries the same letters. `issued` are letters
 * that stand on papers already: they stay, and no other kind gets them.
 */
export function keyLetters(
  plants: readonly Plant[],
  issued: ReadonlyMap<string, string> = NONE,
): Map<string, string> {
  const used = new Set<string>(issued.values())
  const keys = new Map<string, string>()
  for (const plant of plants) {
    if (keys.has(plant.id)) continue
    const key = issued.get(plant.id) ?? freeKey(plant, used) ?? String(keys.size + 1)
    used.add(key)
    keys.set(plant.id, key)
  }
  return keys
}

const NONE: ReadonlyMap<string, string> = new Map()

/** The letters of a whole garden: one a kind, whichever of its beds it stands in. */
export const gardenKeys = (
  beds: readonly Pick<Bed, 'drifts' | 'form'>[],
  library: ReadonlyMap<string, Plant>,
  issued: ReadonlyMap<string, string> = NONE,
): Map<string, string> => keysOfKinds(kindsOf(beds), library, issued)

/** The letters of kinds by their ids, in their order; those that the library does not know get none. */
export function keysOfKinds(
  kinds: readonly string[],
  library: ReadonlyMap<string, Plant>,
  issued: ReadonlyMap<string, string> = NONE,
): Map<string, string> {
  const plants = kinds.map((id) => library.get(id))
  return keyLetters(
    plants.filter((p): p is Plant => p !== undefined),
    issued,
  )
}

const kindsIn = once((bed: Pick<Bed, 'drifts' | 'form'>): readonly string[] => [...plantCounts(bed).keys()])
/** The kinds that stand in beds, by their ids, bed by bed; each bed is read once. */
export const kindsOf = (beds: readonly Pick<Bed, 'drifts' | 'form'>[]): string[] => beds.flatMap(kindsIn)

function freeKey(plant: Plant, used: ReadonlySet<string>): string | undefined {
  const letters = plant.botanicalName.toUpperCase().replace(/[^A-Z]/g, '')
  for (const key of [...letters, ...ALPHABET, ...pairs(letters)]) if (!used.has(key)) return key
  for (const key of allPairs()) if (!used.has(key)) return key
  return undefined
}

const pairs = (letters: string) => [...letters.slice(1)].map((c) => `${letters[0]}${c}`)

function* allPairs(): Iterable<string> {
  for (const a of ALPHABET) for (const b of ALPHABET) yield a + b
}
