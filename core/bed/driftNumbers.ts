import type { Drift } from '../model'

type Numbered = Pick<Drift, 'count' | 'numbers' | 'nextNumber'>

/** The numbers of a drift's plants in its order: a note, a tick or a pin belongs to one for good. */
export const numbersOf = ({ count, numbers }: Numbered): readonly number[] => numbers ?? firstNumbers(count)

const firsts = new Map<number, readonly number[]>()

/** 0, 1, 2, …: the same list for the same count. */
function firstNumbers(count: number): readonly number[] {
  let list = firsts.get(count)
  if (!list) firsts.set(count, (list = Array.from({ length: count }, (_, i) => i)))
  return list
}

/** The number a drift's next plant gets: one that no plant of it ever had. */
const nextNumberOf = (drift: Numbered): number =>
  drift.nextNumber ?? numbersOf(drift).reduce((most, n) => Math.max(most, n + 1), 0)

/** A drift whose plants are numbered 0, 1, 2 …: a copy begins anew. */
export function withoutNumbers(drift: Drift): Drift {
  const plain = { ...drift }
  delete (plain as { numbers?: unknown }).numbers
  delete (plain as { nextNumber?: unknown }).nextNumber
  return plain
}

/** A drift of another count: plants are taken from its end, or new ones with new numbers join there. */
export function withCount<D extends Numbered>(drift: D, count: number): D {
  const numbers = numbersOf(drift)
  const next = nextNumberOf(drift)
  if (count === numbers.length) return drift
  if (count < numbers.length) return { ...drift, count, numbers: numbers.slice(0, count), nextNumber: next }
  const added = Array.from({ length: count - numbers.length }, (_, i) => next + i)
  return { ...drift, count, numbers: [...numbers, ...added], nextNumber: next + added.length }
}

/** A drift without one of its plants, by its number; the others keep theirs. Null when it was the last. */
export function withoutPlant<D extends Numbered>(drift: D, number: number): D | null {
  const numbers = numbersOf(drift).filter((n) => n !== number)
  if (numbers.length === 0) return null
  if (numbers.length === drift.count) return drift
  return { ...drift, count: numbers.length, numbers, nextNumber: nextNumberOf(drift) }
}
