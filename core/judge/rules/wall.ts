import { setbackM } from '../../bed'
import { byGroup, type LocalRule } from '../rule'
import { along, capital, metres, nameOf, stretchOf } from '../../scene'

const TOLERANCE_M = 0.03

/** A plant so near the wall that it will press on it. */
export const wall: LocalRule = {
  id: 'wall',
  remarks: ({ bed, placement }, range) =>
    bed.wall
      ? placement.plants.flatMap((p) => {
          if (p.x < range.from || p.x > range.to) return []
          const out = p.out
          const need = setbackM(p.plant.spreadM, p.plant.kind)
          return out < need - TOLERANCE_M
            ? [{ x: p.x, group: p.driftId, plants: [p.id], value: out, other: need }]
            : []
        })
      : [],
  fold: (scene, remarks) =>
    [...byGroup(remarks)].map(([driftId, list]) => {
      const plants = list.map((r) => scene.byId.get(r.plants[0]!)!)
      const worst = list.reduce((w, r) => (r.other - r.value > w.other - w.value ? r : w))
      const { plant } = plants[0]!
      const isTree = plant.kind === 'tree'
      const kept = scene.bed.pins.filter((p) => p.driftId === driftId)
      const moved = plants
        .map((p) => ({ driftId, index: p.index, x: p.x, y: round(scene.frame.back.yAt(p.x) + worst.other) }))
        .filter((p) => p.y <= scene.frame.front.yAt(p.x) - 0.05)
      return {
        id: `wall:${driftId}`,
        rule: 'wall',
        title: `${capital(nameOf(plant))} too near the wall`,
        reason:
          `${list.length === 1 ? 'It stands' : `${list.length} stand`} ${metres(worst.value)} from the wall ` +
          `${along(list[0]!.x, list[list.length - 1]!.x)}; at ${metres(plant.spreadM)} across ` +
          `${isTree ? 'a tree' : 'it'} wants ` +
          `${metres(worst.other)}.${isTree ? ' Trees near buildings: ask a licensed professional and the local code.' : ''}`,
        weight: isTree ? 85 : 62,
        ...stretchOf(plants),
        plants: plants.map((p) => p.id),
        figures: [
          { name: 'from the wall', value: worst.value, unit: 'm' },
          { name: 'wanted', value: worst.other, unit: 'm' },
        ],
        source: 'Setback = max(0.6\u202fm, w/2 + 0.15\u202fm); trees max(w/2, 3\u202fm).',
        grounds: ['calculations#spacing-and-counts'],
        mends:
          moved.length > 0
            ? [
                {
                  label: `Move out ${metres(worst.other - worst.value)}`,
                  edit: {
                    kind: 'setPins',
                    driftId,
                    pins: [...kept.filter((k) => !moved.some((m) => m.index === k.index)), ...moved],
                  },
                },
              ]
            : [],
      }
    }),
}

const round = (n: number) => Math.round(n * 1000) / 1000
