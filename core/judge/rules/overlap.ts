import { allowedDistanceM, LEAST_SHARE, type PlacedPlant } from '../../layout'
import { along, capital, metres, nameOf, pairKey, type Pair, type Scene } from '../../scene'
import { finding, type Finding, type Mend, type Remark } from '../finding'
import { byGroup, type LocalRule } from '../rule'

/** Mature plants that overlap one another, or what stands there already, more than the school's spacing means them to. */
export const overlap: LocalRule = {
  id: 'overlap',
  remarks: (scene, _range, pairs) => pairs().flatMap((pair) => remarkOf(scene, pair) ?? []),
  fold: (scene, remarks) => [...byGroup(remarks)].map(([group, list]) => describe(scene, group, list)),
}

/** A plant for which there was no room at all is named by its own rule. */
const isNamedElsewhere = (p: PlacedPlant) => p.crowded && !p.pinned

function remarkOf(scene: Scene, { a, b, distance }: Pair): Remark | null {
  if (isNamedElsewhere(a) || isNamedElsewhere(b)) return null
  const allowed = allowedDistanceM(a.plant, b.plant, scene.school.spacing)
  if (distance >= LEAST_SHARE * allowed) return null
  return { x: a.along, group: pairKey(a.driftId, b.driftId), plants: [a.id, b.id], value: distance, other: allowed }
}

function describe(scene: Scene, group: string, list: readonly Remark[]): Finding {
  const worst = list.reduce((w, r) => (r.value / r.other < w.value / w.other ? r : w))
  const [a, b] = worst.plants.map((id) => scene.byId.get(id)!) as [PlacedPlant, PlacedPlant]
  const xs = list.flatMap((r) => r.plants.map((id) => scene.byId.get(id)!.along))
  const from = Math.min(...xs)
  const to = Math.max(...xs)
  const { school } = scene
  const apart = `${list.length === 1 ? 'They stand' : `${list.length} pairs, the nearest`} ${metres(worst.value)} apart`
  return finding(
    {
      id: `overlap:${group}`,
      rule: 'overlap',
      title: titleOf(a, b),
      reason: `${apart} ${along(from, to)}; ${school.name} spaces them ${metres(worst.other)} on centre.`,
      weight: 45 + 40 * (1 - worst.value / worst.other),
      from,
      to,
      plants: [...new Set(list.flatMap((r) => r.plants))],
      figures: [
        { name: 'apart', value: worst.value, unit: 'm' },
        { name: 'on centre', value: worst.other, unit: 'm' },
        { name: 'pairs', value: list.length, unit: '' },
      ],
      source: `On centre d = k (w1 + w2) / 2 with k = ${school.spacing} (${school.name}).`,
      grounds: ['calculations#spacing-and-counts'],
    },
    () => mendsFor(scene, a, b, worst.other - worst.value),
  )
}

function titleOf(a: PlacedPlant, b: PlacedPlant): string {
  const old = [a, b].find((p) => p.standing)
  const young = old === a ? b : a
  if (old?.standing?.gap) return `${capital(nameOf(young.plant))} stands in the place kept for ${nameOf(old.plant)}`
  if (old) return `${capital(nameOf(young.plant))} stands too near the ${nameOf(old.plant)} that is there`
  if (a.plant.id === b.plant.id) return `${capital(nameOf(a.plant))} planted too close`
  return `${capital(nameOf(a.plant))} and ${nameOf(b.plant)} will crowd each other`
}

function mendsFor(scene: Scene, first: PlacedPlant, second: PlacedPlant, missing: number): Mend[] {
  const drifts = [first, second].flatMap((p) => scene.bed.drifts.find((d) => d.id === p.driftId) ?? [])
  const [a, b] = drifts
  if (!a) return []
  const ids = [...new Set(drifts.map((d) => d.id))]
  const mends: Mend[] = []
  if (scene.bed.pins.some((p) => ids.includes(p.driftId)))
    mends.push({
      label: 'Let go of the pins',
      edit: {
        kind: 'all',
        name: 'let go of pins',
        edits: ids.map((driftId) => ({ kind: 'setPins' as const, driftId, pins: [] })),
      },
    })
  const fewer = !b || a.count >= b.count ? a : b
  mends.push(
    fewer.count > 1
      ? { label: 'One fewer', edit: { kind: 'changeDrift', driftId: fewer.id, change: { count: fewer.count - 1 } } }
      : { label: 'Take one out', edit: { kind: 'removeDrift', driftId: fewer.id } },
  )
  const moving = ids.length > 1 ? b! : a
  const from = ids.length > 1 ? first.along : [first, second].find((p) => p.standing)?.along
  if (from === undefined) return mends
  const away = Math.ceil((missing + 0.1) * 10) / 10
  const right = scene.frame.alongAt(moving.at) >= from
  const at = Math.min(scene.frame.frontLength, Math.max(0, moving.at + (right ? away : -away)))
  mends.push({
    label: `Move ${away.toFixed(1)}\u202fm ${right ? 'right' : 'left'}`,
    edit: { kind: 'changeDrift', driftId: moving.id, change: { at } },
  })
  return mends
}
