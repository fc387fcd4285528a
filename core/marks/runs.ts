import { once } from '../once'
import type { Plant } from '../plant'
import { CELL_M, type SeenPicture } from '../scene'

/** A stretch of the picture in which a kind is seen, metres along it. */
export interface Run {
  readonly from: number
  readonly to: number
}
export interface KindSeen {
  readonly plant: Plant
  readonly seenM2: number
  readonly runs: readonly Run[]
}

/** Gaps narrower than this do not part a group, metres. */
const JOINS_M = 0.35
const LEAST_CELLS = 2

/** The bed's own kinds as they are seen, the most seen first, each with the groups in which it comes. */
export const kindsSeen = once((picture: SeenPicture): readonly KindSeen[] => {
  const { bodies, seenM2, isOwn } = picture
  const kinds = new Map<string, { plant: Plant; seenM2: number; cells: Uint16Array }>()
  bodies.forEach(({ at: { plant } }, i) => {
    if (!isOwn(i) || seenM2[i]! <= 0) return
    const kind = kinds.get(plant.id) ?? { plant, seenM2: 0, cells: new Uint16Array(picture.columns) }
    kind.seenM2 += seenM2[i]!
    kinds.set(plant.id, kind)
  })
  countCells(picture, kinds)
  const list = [...kinds.values()]
    .map(({ plant, seenM2: m2, cells }) => ({ plant, seenM2: m2, runs: runsIn(cells, picture.firstX) }))
    .filter((k) => k.runs.length > 0)
    .sort((a, b) => b.seenM2 - a.seenM2 || (a.plant.id < b.plant.id ? -1 : 1))
  return list
})

function countCells({ owners, columns, bodies, isOwn }: SeenPicture, kinds: Map<string, { cells: Uint16Array }>) {
  owners.forEach((i, k) => {
    if (i < 0 || !isOwn(i)) return
    kinds.get(bodies[i]!.at.plant.id)!.cells[k % columns]!++
  })
}

function runsIn(cells: Uint16Array, firstX: number): Run[] {
  const runs: { from: number; to: number }[] = []
  cells.forEach((n, c) => {
    if (n < LEAST_CELLS) return
    const [from, to] = [firstX + c * CELL_M, firstX + (c + 1) * CELL_M]
    const last = runs[runs.length - 1]
    if (last && from - last.to <= JOINS_M) last.to = to
    else runs.push({ from, to })
  })
  return runs
}

/** Length of the picture that anything of the bed fills, metres. */
export const lengthOf = (picture: SeenPicture) => picture.columns * CELL_M
export const totalSeen = (picture: SeenPicture) => kindsSeen(picture).reduce((sum, k) => sum + k.seenM2, 0)

/** The largest share of what is seen that has one value of something; 1 when nothing is seen. */
export function fullestShare(picture: SeenPicture, of: (p: Plant) => string): number {
  const sums = new Map<string, number>()
  for (const { plant, seenM2 } of kindsSeen(picture)) sums.set(of(plant), (sums.get(of(plant)) ?? 0) + seenM2)
  const whole = totalSeen(picture)
  return whole > 0 ? Math.max(...sums.values()) / whole : 1
}
