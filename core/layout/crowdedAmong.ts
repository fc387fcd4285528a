/**
 * Numbers of those that have to go so that the others have room: the one that stands too near to most goes first; among equals the one
 * that is counted last. Numbers below `first` stand already and stay.
 */
export function crowdedAmong(
  numbers: readonly number[],
  tooNear: (n: number) => readonly number[],
  first: number,
): Set<number> {
  const conflicts = new Map<number, Set<number>>()
  for (const n of numbers)
    for (const other of tooNear(n)) {
      note(conflicts, n, other)
      if (other >= first) note(conflicts, other, n)
    }
  const crowded = new Set<number>()
  while (conflicts.size > 0) {
    const [worst] = [...conflicts].reduce((w, c) =>
      c[1].size > w[1].size || (c[1].size === w[1].size && c[0] > w[0]) ? c : w,
    )
    crowded.add(worst)
    conflicts.delete(worst)
    for (const [n, others] of conflicts) if (others.delete(worst) && others.size === 0) conflicts.delete(n)
  }
  return crowded
}

function note(conflicts: Map<number, Set<number>>, a: number, b: number) {
  const there = conflicts.get(a)
  if (there) there.add(b)
  else conflicts.set(a, new Set([b]))
}
