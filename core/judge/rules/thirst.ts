import { swapKind } from '../../edit'
import { WATER_CLASSES, type Plant, type WaterClass } from '../../plant'
import { finding } from '../finding'
import { byGroup, type LocalRule } from '../rule'
import { along, capital, metres, nameOf, pairKey, isKnownPlant } from '../../scene'
import { standIns } from '../../match'

const wet = (w: WaterClass) => WATER_CLASSES.indexOf(w)
/** Whether no one watering suits both, and the first is the one that drinks more. */
const thirstier = (a: Plant, b: Plant) => wet(a.water.driest) > wet(b.water.wettest)
const rangeOf = (p: Plant) =>
  p.water.driest === p.water.wettest ? p.water.driest : `${p.water.driest} to ${p.water.wettest}`

/** A thirsty plant beside one that wants it dry. */
export const thirst: LocalRule = {
  id: 'thirst',
  // Bulbs sleep through the dry months.
  remarks: (_scene, _range, pairs) =>
    pairs()
      .filter(({ a, b }) => [a, b].every((p) => isKnownPlant(p) && p.plant.spacingHabit !== 'weaves'))
      .flatMap(({ a, b, distance }) =>
        thirstier(a.plant, b.plant) || thirstier(b.plant, a.plant)
          ? [
              {
                x: a.along,
                group: pairKey(a.plant.id, b.plant.id),
                plants: [a.id, b.id],
                value: distance,
                other: 0,
              },
            ]
          : [],
      ),
  fold: (scene, remarks) =>
    [...byGroup(remarks)].map(([group, list]) => {
      const [first, second] = list[0]!.plants.map((id) => scene.byId.get(id)!)
      const [dry, moist] = thirstier(first!.plant, second!.plant) ? [second!, first!] : [first!, second!]
      const xs = list.map((r) => r.x)
      const alike = () =>
        standIns(
          moist.plant,
          scene,
          { maxSpreadM: moist.plant.spreadM * 1.35, where: (p) => !thirstier(p, dry.plant) },
          1,
        )
      return finding(
        {
          id: `thirst:${group}`,
          rule: 'thirst',
          title: `${capital(nameOf(dry.plant))} is dry, ${nameOf(moist.plant)} is thirsty`,
          reason:
            `${metres(list[0]!.value)} apart ${along(Math.min(...xs), Math.max(...xs))}, on one watering: one ` +
            `wants ${rangeOf(dry.plant)} ground, the other ${rangeOf(moist.plant)}.`,
          weight: 58,
          from: Math.min(...xs),
          to: Math.max(...xs),
          plants: [...new Set(list.flatMap((r) => r.plants))],
          figures: [
            { name: 'apart', value: list[0]!.value, unit: 'm' },
            { name: 'pairs', value: list.length, unit: '' },
          ],
          source: 'Neighbours must want the same water: a class that is in both their ranges. ' + '',
          grounds: ['practice#together-or-not-at-all'],
        },
        () =>
          (moist.standing ? [] : alike()).map((p) => ({
            label: `Swap ${nameOf(moist.plant)} for ${nameOf(p)}`,
            edit: swapKind(scene.bed, moist.plant.id, p.id, new Set([moist.driftId]))[0]!,
          })),
      )
    }),
}
