import { applyEdit } from '../edit'
import { critique, type Critique, type Finding, type Mend } from '../judge'
import { finish } from '../finish'
import { makeScene, type Scene } from '../scene'
import { costOf } from './costOf'
import { moreMends } from './moreMends'
import { onlyTheDesigner } from './onlyTheDesigner'

/** A mend that was applied to a copy of the bed and judged again: its finding went, and nothing as heavy came. */
export interface TriedMend extends Mend {
  /** What it costs: `3 plants for 3, 4 dearer`. */
  readonly cost: string
  /** Sum of the weights of all findings that are left; the less the better. */
  readonly left: number
}
export interface Tried {
  readonly findingId: string
  readonly mends: readonly TriedMend[]
  /** Why only the designer can decide, when no mend was found. */
  readonly why: string | null
}

const MOST = 3
/** So many are tried in all for one finding. */
const MOST_TRIES = 26

/**
 * Tries a finding's mends, and others when those do not do: each is applied, placed and judged again. Best first: what leaves least
 * to mend. Those that no one would call a mend of this finding are left out: it must be gone, and no finding of its weight may come for it.
 */
export const tryMends = (judged: Critique, finding: Finding): Tried => finish(triesOf(judged, finding))

/** The same, a try at a time, so that whoever asks may rest between them or leave off. */
export function* triesOf(judged: Critique, finding: Finding): Generator<number, Tried> {
  const { scene } = judged
  const worked: TriedMend[] = []
  let tries = 0
  for (const candidates of [finding.mends, moreMends(scene, finding)]) {
    for (const mend of candidates) {
      if (tries++ >= MOST_TRIES || worked.length >= MOST) break
      const tried = tryOne(judged, finding, mend)
      if (tried) worked.push(tried)
      yield tries / MOST_TRIES
    }
    if (worked.length > 0) break
  }
  worked.sort((a, b) => a.left - b.left)
  return { findingId: finding.id, mends: worked, why: worked.length > 0 ? null : onlyTheDesigner(finding.rule) }
}

function tryOne(judged: Critique, finding: Finding, mend: Mend): TriedMend | null {
  const { scene } = judged
  const { bed } = applyEdit(scene.bed, mend.edit)
  if (bed === scene.bed) return null
  const after = critique(sceneWith(scene, bed), judged)
  if (after.findings.some((f) => f.id === finding.id)) return null
  const before = new Set(judged.findings.map((f) => f.id))
  const isAsHeavy = after.findings.some((f) => !before.has(f.id) && f.weight >= finding.weight)
  if (isAsHeavy) return null
  const left = after.findings.reduce((sum, f) => sum + f.weight, 0)
  return { ...mend, cost: costOf(scene.bed, bed, scene.library), left }
}

/** The scene of a changed bed in the same place. */
export const sceneWith = (scene: Scene, bed: Scene['bed']): Scene =>
  makeScene({ ...scene.input, bed }, { before: scene })
