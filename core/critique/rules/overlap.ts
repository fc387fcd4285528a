import { allowedDistanceM } from '../../layout'
import { finding, type Mend } from '../finding'
import { byGroup, type LocalRule } from '../rule'
import { along, capital, metres, nameOf, pairKey, type Scene } from '../scene'

/** Nearer than this share of the school's spacing is worth a word. */
const TOLERATED = 0.9

/** Mature plants that overlap more than the school's spacing means them to. */
export const overlap: LocalRule = {
  id: 'overlap',
  remarks: (scene, _range, pairs) =>
    pairs().flatMap(({ a, b, distance }) => {
      const allowed = allowedDistanceM(a.plant, b.plant, scene.school.spacing)
      return distance < TOLERATED * allowed
        ? [
            {
              x: a.along,
              group: pairKey(a.driftId, b.driftId),
              plants: [a.id, b.id],
              value: distance,
              other: allowed,
            },
          ]
        : []
    }),
  fold: (scene, remarks) =>
    [...byGroup(remarks)].map(([group, list]) => {
      const worst = list.reduce((w, r) => (r.value / r.other < w.value / w.other ? r : w))
      const [a, b] = worst.plants.map((id) => scene.byId.get(id)!)
      const xs = list.flatMap((r) => r.plants.map((id) => scene.byId.get(id)!.along))
      const from = Math.min(...xs)
      const to = Math.max(...xs)
      const same = a!.plant.id === b!.plant.id
      return finding(
        {
          id: `overlap:${group}`,
          rule: 'overlap',
          title: same
            ? `${capital(nameOf(a!.plant))} planted too close`
            : `${capital(nameOf(a!.plant))} and ${nameOf(b!.plant)} will crowd each other`,
          reason: `${list.length === 1 ? 'They stand' : `${list.length} pairs, the nearest`} ${metres(worst.value)} apart ${along(from, to)}; ${scene.school.name} spaces them ${metres(worst.other)} on centre.`,
          weight: 45 + 40 * (1 - worst.value / worst.other),
          from,
          to,
          plants: [...new Set(list.flatMap((r) => r.plants))],
          figures: [
            { name: 'apart', value: worst.value, unit: 'm' },
            { name: 'on centre', value: worst.other, unit: 'm' },
            { name: 'pairs', value: list.length, unit: '' },
          ],
          source: `On centre d = k (w1 + w2) / 2 with k = ${scene.school.spacing} (${scene.school.name}). Calculations, Spacing and counts.`,
        },
        () => mendsFor(scene, a!.driftId, b!.driftId, worst.other - worst.value),
      )
    }),
}

function mendsFor(scene: Scene, driftA: string, driftB: string, missing: number): Mend[] {
  const a = scene.bed.drifts.find((d) => d.id === driftA)
  const b = scene.bed.drifts.find((d) => d.id === driftB)
  if (!a || !b) return []
  const mends: Mend[] = []
  const pinned = scene.bed.pins.some((p) => p.driftId === driftA || p.driftId === driftB)
  if (pinned)
    mends.push({
      label: 'Let go of the pins',
      edit: {
        kind: 'all',
        name: 'let go of pins',
        edits: [...new Set([driftA, driftB])].map((driftId) => ({ kind: 'setPins' as const, driftId, pins: [] })),
      },
    })
  const fewer = a.count >= b.count ? a : b
  mends.push(
    fewer.count > 1
      ? { label: 'One fewer', edit: { kind: 'changeDrift', driftId: fewer.id, change: { count: fewer.count - 1 } } }
      : { label: 'Take one out', edit: { kind: 'removeDrift', driftId: fewer.id } },
  )
  if (driftA !== driftB) {
    const away = Math.ceil((missing + 0.1) * 10) / 10
    const right = b.at >= a.at
    mends.push({
      label: `Move ${away.toFixed(1)} m ${right ? 'right' : 'left'}`,
      edit: {
        kind: 'changeDrift',
        driftId: b.id,
        change: { at: Math.min(scene.frame.frontLength, Math.max(0, b.at + (right ? away : -away))) },
      },
    })
  }
  return mends
}
