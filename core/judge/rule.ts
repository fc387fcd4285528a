import type { Finding, Remark, RuleId } from './finding'
import type { Pair, Scene, Range } from '../scene'
import type { PlacedPlant } from '../layout'

/** A rule that looks place by place: a change of one plant asks it again only near that plant. */
export interface LocalRule {
  readonly id: RuleId
  readonly remarks: (scene: Scene, range: Range, pairs: () => readonly Pair[]) => Remark[]
  readonly fold: (scene: Scene, remarks: readonly Remark[]) => Finding[]
}

/** A rule about the whole bed; it must be quick. */
export interface WholeRule {
  readonly id: RuleId
  readonly findings: (scene: Scene) => Finding[]
}

/** Remarks by group, groups in order of first appearance along the bed. */
export function byGroup(remarks: readonly Remark[]): Map<string, Remark[]> {
  const groups = new Map<string, Remark[]>()
  for (const remark of [...remarks].sort(byPlace)) {
    const there = groups.get(remark.group)
    if (there) there.push(remark)
    else groups.set(remark.group, [remark])
  }
  return groups
}

/** Along the bed, then by the plants: one order, however the remarks were gathered. */
const byPlace = (a: Remark, b: Remark): number =>
  a.x - b.x || comparePlants(a.plants, b.plants) || a.other - b.other || a.value - b.value
function comparePlants(a: readonly string[], b: readonly string[]): number {
  const shared = Math.min(a.length, b.length)
  for (let i = 0; i < shared; i++) if (a[i] !== b[i]) return a[i]! > b[i]! ? 1 : -1
  return a.length - b.length
}
/** Some plants by their kind, kinds in order of first appearance. */
export function byKind(plants: readonly PlacedPlant[]): PlacedPlant[][] {
  const kinds = new Map<string, PlacedPlant[]>()
  for (const p of plants) {
    const own = kinds.get(p.plant.id)
    if (own) own.push(p)
    else kinds.set(p.plant.id, [p])
  }
  return [...kinds.values()]
}
