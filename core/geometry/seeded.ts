import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** A seeded stream of numbers in [0,1): same seed, same stream, on every machine. */
export function seeded(seed: number): () => number {
  const generator = xoroshiro128plus(seed | 0)
  return () => (generator.next() >>> 8) / 0x1000000
}

/** A 32-bit hash of a text (FNV-1a), for seeds. */
export function hashText(text: string): number {
  let hash = 0x811c9dc5
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193)
  return hash | 0
}
