import { applyEdit } from '../edit'
import { critique, type Critique, type Mend } from '../judge'
import { finish } from '../finish'
import { type MarkId, marksOf, totalOf } from '../marks'
import { moreMends } from './moreMends'
import { sceneWith } from './tryMends'

/** An edit that raises a mark, with what it and the whole gain by it. */
export interface Raise extends Mend {
  readonly mark: number
  readonly total: number
}

const MOST = 2
const MOST_TRIES = 60
const LEAST_GAIN = 1

/** The edits that would raise a mark most and not lower the whole, found by trying them on the drifts of its worst stretch, or on all. */
export const raises = (judged: Critique, id: MarkId): Raise[] => finish(raisesOf(judged, id))

/** The same, a try at a time. */
export function* raisesOf(judged: Critique, id: MarkId): Generator<number, Raise[]> {
  const { scene } = judged
  const marks = marksOf(scene, judged.findings)
  const mark = marks.find((m) => m.id === id)
  if (!mark) return []
  const total = totalOf(marks)
  const { from, to } = mark.worst ?? { from: -Infinity, to: Infinity }
  const there = scene.placement.plants.filter((p) => p.along >= from - 1 && p.along <= to + 1)
  const drifts = [...new Set((there.length > 0 ? there : scene.placement.plants).map((p) => p.driftId))]
  const candidates = drifts.flatMap((driftId) => {
    const plants = scene.placement.plants.filter((p) => p.driftId === driftId).map((p) => p.id)
    return moreMends(scene, { ...PLAIN, plants: plants.slice(0, 1) })
  })
  const raising: Raise[] = []
  const tried = spread(candidates, MOST_TRIES)
  for (const [i, mend] of tried.entries()) {
    const { bed } = applyEdit(scene.bed, mend.edit)
    const after = critique(sceneWith(scene, bed), judged)
    const now = marksOf(after.scene, after.findings)
    const gained = (now.find((m) => m.id === id)?.value ?? 0) - mark.value
    raising.push({ ...mend, mark: gained, total: totalOf(now) - total })
    yield (i + 1) / tried.length
  }
  return raising
    .filter((r) => r.mark >= LEAST_GAIN && r.total >= 0)
    .sort((a, b) => b.mark - a.mark)
    .slice(0, MOST)
}

const PLAIN = {
  id: '',
  rule: 'gap',
  title: '',
  reason: '',
  weight: 0,
  from: 0,
  to: 0,
  figures: [],
  source: '',
  grounds: [],
  mends: [],
} as const

/** At most so many of a list, taken evenly from all of it. */
function spread<T>(list: readonly T[], most: number): T[] {
  if (list.length <= most) return [...list]
  return Array.from({ length: most }, (_, i) => list[Math.floor((i * list.length) / most)]!)
}
