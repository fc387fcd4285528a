import type { Plant } from '../plant'

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'

/**
 * A key for each plant of a plan: the first letter of its botanical name if free, else the next free of the name, then of the
 * alphabet, then two letters. Given in the order of the list, so that the same bed always carries the same letters.
 */
export function keyLetters(plants: readonly Plant[]): Map<string, string> {
  const used = new Set<string>()
  const keys = new Map<string, string>()
  for (const plant of plants) {
    if (keys.has(plant.id)) continue
    const letters = plant.botanicalName.toUpperCase().replace(/[^A-Z]/g, '')
    const candidates = [...letters, ...ALPHABET, ...pairs(letters), ...allPairs()]
    const key = candidates.find((c) => !used.has(c)) ?? String(keys.size + 1)
    used.add(key)
    keys.set(plant.id, key)
  }
  return keys
}

const pairs = (letters: string) => [...letters.slice(1)].map((c) => `${letters[0]}${c}`)

function* allPairs(): Iterable<string> {
  for (const a of ALPHABET) for (const b of ALPHABET) yield a + b
}
