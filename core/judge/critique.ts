import { changedRange } from './changedRange'
import { RULES, type Finding, type Remark, type RuleId } from './finding'
import type { LocalRule, WholeRule } from './rule'
import { before as beforeLower } from './rules/before'
import { blend } from './rules/blend'
import { crowded } from './rules/crowded'
import { clutter } from './rules/clutter'
import { gap } from './rules/gap'
import { hidden } from './rules/hidden'
import { months } from './rules/months'
import { overlap } from './rules/overlap'
import { shallow } from './rules/shallow'
import { site } from './rules/site'
import { smother } from './rules/smother'
import { thirst } from './rules/thirst'
import { wall } from './rules/wall'
import { window } from './rules/window'
import { around } from './rules/around'
import { brief } from './rules/brief'
import { theme } from './rules/theme'
import { keepOpen } from './rules/keepOpen'
import { scale } from './rules/scale'
import { anchors } from './rules/anchors'
import { overEdge } from './rules/overEdge'
import { climbs } from './rules/climbs'
import { harm } from './rules/harm'
import { existing } from './rules/existing'
import { oneKind } from './rules/oneKind'
import { flowering } from './rules/flowering'
import { palette } from './rules/palette'
import { backdrop } from './rules/backdrop'
import { sameness } from './rules/sameness'
import { repetition } from './rules/repetition'
import { lines } from './rules/lines'
import { numbers } from './rules/numbers'
import { keeping } from './rules/keeping'
import { legs } from './rules/legs'
import { bulbs } from './rules/bulbs'
import { stays } from './rules/stays'
import { engulfed } from './rules/engulfed'
import { touchingPairs, whole, type Pair, type Scene } from '../scene'

const LOCAL: readonly LocalRule[] = [wall, overlap, gap, hidden, beforeLower, thirst, smother, blend, engulfed]
const WHOLE: readonly WholeRule[] = [
  shallow,
  crowded,
  window,
  keepOpen,
  site,
  around,
  months,
  clutter,
  theme,
  brief,
  scale,
  anchors,
  overEdge,
  climbs,
  harm,
  existing,
  oneKind,
  flowering,
  palette,
  backdrop,
  sameness,
  repetition,
  lines,
  numbers,
  keeping,
  legs,
  bulbs,
  stays,
]

/** What has been found, and the local remarks behind it, which the next critique can build on. */
export interface Critique {
  readonly scene: Scene
  readonly findings: readonly Finding[]
  readonly remarks: ReadonlyMap<RuleId, readonly Remark[]>
}

/** Judges a bed. With the critique of the bed before a change, local rules look again only where plants differ. */
export function critique(scene: Scene, before?: Critique): Critique {
  const steps = critiqueSteps(scene, before)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** Judges a bed as `critique` does, rule by rule, with a pause after each. */
export function* critiqueSteps(scene: Scene, before?: Critique): Generator<void, Critique> {
  const range = before && before.scene.stays === scene.stays ? changedRange(before.scene, scene) : whole
  const remarks = new Map<RuleId, Remark[]>()
  let pairs: readonly Pair[] | null = null
  for (const rule of LOCAL) {
    const kept =
      before && range
        ? (before.remarks.get(rule.id) ?? []).filter((r) => r.x < range.from || r.x > range.to)
        : (before?.remarks.get(rule.id) ?? [])
    const fresh = range ? rule.remarks(scene, range, () => (pairs ??= touchingPairs(scene, range))) : []
    remarks.set(rule.id, [...kept, ...fresh])
    yield
  }
  const findings: Finding[] = []
  for (const rule of LOCAL) {
    findings.push(...rule.fold(scene, remarks.get(rule.id)!))
    yield
  }
  for (const rule of WHOLE) {
    findings.push(...rule.findings(scene))
    yield
  }
  findings.sort(
    (a, b) => b.weight - a.weight || RULES.indexOf(a.rule) - RULES.indexOf(b.rule) || (a.id < b.id ? -1 : 1),
  )
  return { scene, findings, remarks }
}
