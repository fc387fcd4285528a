import { RULES, type Finding, type Range, type Remark, type RuleId } from './finding'
import type { LocalRule, WholeRule } from './rule'
import { blend } from './rules/blend'
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
import { touchingPairs, whole, type Pair, type Scene } from './scene'

const LOCAL: readonly LocalRule[] = [wall, overlap, gap, hidden, thirst, smother, blend]
const WHOLE: readonly WholeRule[] = [shallow, window, keepOpen, site, around, months, clutter, theme, brief]

/** What has been found, and the local remarks behind it, which the next critique can build on. */
export interface Critique {
  readonly scene: Scene
  readonly findings: readonly Finding[]
  readonly remarks: ReadonlyMap<RuleId, readonly Remark[]>
}

/** How far a plant's neighbours reach: what one change can alter, metres to each side. */
const REACH_M = 2.5

/** Judges a bed. With the critique of the bed before a change, local rules look again only where plants differ. */
export function critique(scene: Scene, before?: Critique): Critique {
  const range = before ? changedRange(before.scene, scene) : whole
  const remarks = new Map<RuleId, Remark[]>()
  let pairs: readonly Pair[] | null = null
  for (const rule of LOCAL) {
    const kept =
      before && range
        ? (before.remarks.get(rule.id) ?? []).filter((r) => r.x < range.from || r.x > range.to)
        : (before?.remarks.get(rule.id) ?? [])
    const fresh = range ? rule.remarks(scene, range, () => (pairs ??= touchingPairs(scene, range))) : []
    remarks.set(rule.id, [...kept, ...fresh])
  }
  const findings = [
    ...LOCAL.flatMap((rule) => rule.fold(scene, remarks.get(rule.id)!)),
    ...WHOLE.flatMap((rule) => rule.findings(scene)),
  ]
  findings.sort(
    (a, b) => b.weight - a.weight || RULES.indexOf(a.rule) - RULES.indexOf(b.rule) || (a.id < b.id ? -1 : 1),
  )
  return { scene, findings, remarks }
}

/** The stretch in which two scenes differ; the whole bed when more than plants differ; null when nothing does. */
function changedRange(a: Scene, b: Scene): Range | null {
  const same =
    a.bed.outline === b.bed.outline &&
    a.bed.wall === b.bed.wall &&
    a.bed.viewpoint === b.bed.viewpoint &&
    a.bed.ground === b.bed.ground &&
    a.bed.school === b.bed.school &&
    a.bed.laneShares === b.bed.laneShares &&
    a.bed.buying === b.bed.buying &&
    a.bed.form === b.bed.form &&
    a.library === b.library &&
    a.climate === b.climate &&
    a.site.zone === b.site.zone &&
    a.light === b.light &&
    a.school === b.school
  if (!same || b.frame.closed) return whole
  let from = Infinity
  let to = -Infinity
  const note = (x: number) => {
    from = Math.min(from, x)
    to = Math.max(to, x)
  }
  // Most plants stand at the same number of the list as before; only the others are looked up.
  const former = a.placement.plants
  let met = 0
  for (const [i, p] of b.placement.plants.entries()) {
    const q = former[i]?.id === p.id ? former[i] : a.byId.get(p.id)
    if (q) met++
    if (q && q.x === p.x && q.y === p.y && q.plant === p.plant && q.lane === p.lane) continue
    note(p.x)
    if (q) note(q.x)
  }
  if (met < former.length) for (const q of former) if (!b.byId.has(q.id)) note(q.x)
  return to < from ? null : { from: from - REACH_M, to: to + REACH_M }
}
