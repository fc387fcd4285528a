import { swapKind } from '../../edit'
import { deltaE } from '../../colour'
import { words, type Plant } from '../../plant'
import { blends, pairContrast, standIns } from '../../match'
import { finding } from '../finding'
import { byGroup, type LocalRule } from '../rule'
import { along, capital, nameOf, pairKey, isKnownPlant } from '../../scene'

/** Two kinds side by side with the same texture and colour: they run together. */
export const blend: LocalRule = {
  id: 'blend',
  remarks: (_scene, _range, pairs) => {
    const known = new Map<string, boolean>()
    const same = (a: Plant, b: Plant) => {
      const key = pairKey(a.id, b.id)
      const there = known.get(key)
      if (there !== undefined) return there
      const value = a.spacingHabit !== 'weaves' && b.spacingHabit !== 'weaves' && blends(a, b)
      known.set(key, value)
      return value
    }
    return pairs().flatMap(({ a, b, distance }) =>
      isKnownPlant(a) && isKnownPlant(b) && same(a.plant, b.plant)
        ? [{ x: a.along, group: pairKey(a.plant.id, b.plant.id), plants: [a.id, b.id], value: distance, other: 0 }]
        : [],
    )
  },
  fold: (scene, remarks) =>
    [...byGroup(remarks)].map(([group, list]) => {
      const [a, b] = list[0]!.plants.map((id) => scene.byId.get(id)!)
      const keepsFirst = !b!.standing && (a!.standing !== undefined || a!.plant.spreadM >= b!.plant.spreadM)
      const [keep, change] = keepsFirst ? [a!, b!] : [b!, a!]
      const xs = list.map((r) => r.x)
      const difference = deltaE(keep.plant.foliage.summer, change.plant.foliage.summer)
      const contrasting = () =>
        standIns(
          change.plant,
          scene,
          {
            maxHeightM: change.plant.flowerHeightM * 1.3,
            maxSpreadM: change.plant.spreadM * 1.35,
            where: (p) => pairContrast(keep.plant, p) > 45,
          },
          2,
        )
      return finding(
        {
          id: `blend:${group}`,
          rule: 'blend',
          title: `${capital(nameOf(keep.plant))} and ${nameOf(change.plant)} blend together`,
          reason:
            `Side by side ${along(Math.min(...xs), Math.max(...xs))}: both ${words(keep.plant.leafSize)} and ` +
            `${words(keep.plant.leafOutline)}, and their leaves differ by ΔE ${difference.toFixed(1)}, all year.`,
          weight: 40,
          from: Math.min(...xs),
          to: Math.max(...xs),
          plants: [...new Set(list.flatMap((r) => r.plants))],
          figures: [
            { name: 'ΔE in summer', value: difference, unit: '' },
            { name: 'contrast', value: pairContrast(keep.plant, change.plant), unit: 'of 100' },
          ],
          source: 'One form, height, flower and texture, and under ΔE 7 (OKLab × 100) in both seasons.',
          grounds: ['calculations#colour-and-contrast'],
        },
        () =>
          contrasting().map((p) => ({
            label: `${capital(nameOf(p))} instead`,
            edit: swapKind(scene.bed, change.plant.id, p.id, new Set([change.driftId]))[0]!,
          })),
      )
    }),
}
