import type { Group } from './groups'

/** A plant's offset from the middle of its group, metres. */
export interface Place {
  readonly dx: number
  readonly dy: number
}

/** Those of a group that have no room, evenly along its stretch. */
export function restOf({ places, numbers }: Group): Place[] {
  const half = Math.max(0, ...places.map((p) => p.dx))
  const left = numbers.length - places.length
  return Array.from({ length: left }, (_, i) => ({ dx: (((i + 0.5) / left) * 2 - 1) * half, dy: 0 }))
}

/** Running places of all, row by row. */
export function rowsOf(places: readonly Place[], squeeze: number, row: (dxs: number[], dy: number) => number[]) {
  const rows = new Map<number, number[]>()
  places.forEach(({ dy }, i) => {
    const there = rows.get(dy)
    if (there) there.push(i)
    else rows.set(dy, [i])
  })
  const spots = new Array<{ a: number; dy: number }>(places.length)
  for (const [dy, list] of rows) {
    const along = row(
      list.map((i) => places[i]!.dx * squeeze),
      dy,
    )
    list.forEach((i, n) => (spots[i] = { a: along[n]!, dy }))
  }
  return spots
}
