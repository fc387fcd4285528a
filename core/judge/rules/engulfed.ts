import { swapKind } from '../../edit'
import type { PlacedPlant } from '../../layout'
import { standIns } from '../../match'
import { fullHeightM, grownShare, type Plant } from '../../plant'
import { along, capital, isKnownPlant, metres, nameOf, type Pair } from '../../scene'
import { finding, type Remark } from '../finding'
import { byGroup, type LocalRule } from '../rule'

const BY_YEAR = 5
/** A plant this slow, beside one this quick; years to nine tenths of its size. */
const SLOW_YEARS = 7
const QUICK_YEARS = 3.5
/** The slow one is that much lower by then, and the quick one's canopy comes over this share of its young spread. */
const LOWER = 0.6
const OVER = 0.35

/** A slow plant beside a quick one that closes over it before it has grown. */
export const engulfed: LocalRule = {
  id: 'engulfed',
  remarks: (_scene, _range, pairs) => pairs().flatMap(remarkOf),
  fold: (scene, remarks) =>
    [...byGroup(remarks)].map(([group, list]) => {
      const slow = scene.byId.get(list[0]!.plants[0]!)!
      const quick = scene.byId.get(list[0]!.plants[1]!)!
      const plants = [...new Set(list.flatMap((r) => r.plants))]
      const xs = list.map((r) => r.x)
      return finding(
        {
          id: `engulfed:${group}`,
          rule: 'engulfed',
          title: `${capital(nameOf(slow.plant))} will be engulfed by ${nameOf(quick.plant)}`,
          reason:
            `By year ${BY_YEAR} it is ${metres(heightThen(slow.plant))} high, ${nameOf(quick.plant)} ` +
            `${metres(heightThen(quick.plant))} and over it ${along(Math.min(...xs), Math.max(...xs))}.`,
          weight: 42,
          from: Math.min(...xs),
          to: Math.max(...xs),
          plants,
          figures: [
            { name: `its height in year ${BY_YEAR}`, value: heightThen(slow.plant), unit: 'm' },
            { name: 'of the other', value: heightThen(quick.plant), unit: 'm' },
            { name: 'apart', value: list[0]!.value, unit: 'm' },
          ],
          source: 'Sizes at year 5 by years to nine tenths of the size.',
          grounds: ['practice#together-or-not-at-all', 'composing#time'],
        },
        () =>
          standIns(quick.plant, scene, {
            maxSpreadM: quick.plant.spreadM,
            maxHeightM: Math.max(0.3, fullHeightM(slow.plant)),
            where: (p) => heightThen(p) * LOWER < heightThen(slow.plant),
          }).map((p) => ({
            label: `${capital(nameOf(p))} for ${nameOf(quick.plant)} there`,
            edit: {
              kind: 'all' as const,
              name: 'swap plant',
              edits: swapKind(
                scene.bed,
                quick.plant.id,
                p.id,
                new Set(plants.flatMap((id) => scene.byId.get(id)?.driftId ?? [])),
              ),
            },
          })),
      )
    }),
}

const heightThen = (p: Plant) => fullHeightM(p) * Math.max(YOUNG, grownShare(BY_YEAR, p.yearsTo90))
const spreadThen = (p: Plant) => p.spreadM * Math.max(YOUNG, grownShare(BY_YEAR, p.yearsTo90))
const YOUNG = 0.3

function remarkOf({ a, b, distance }: Pair): Remark[] {
  const [slow, quick] = a.plant.yearsTo90 >= b.plant.yearsTo90 ? [a, b] : [b, a]
  if (!isMet(slow, quick, distance)) return []
  return [
    {
      x: slow.along,
      group: `${slow.plant.id}<${quick.plant.id}`,
      plants: [slow.id, quick.id],
      value: distance,
      other: quick.plant.spreadM / 2,
    },
  ]
}

function isMet(slow: PlacedPlant, quick: PlacedPlant, distance: number): boolean {
  const [s, q] = [slow.plant, quick.plant]
  if (s.yearsTo90 < SLOW_YEARS || q.yearsTo90 > QUICK_YEARS || slow.standing || !isKnownPlant(quick)) return false
  if (s.lifeCycle !== 'woody' || q.density < 0.6 || q.kind === 'climber' || q.spacingHabit !== 'stands')
    return false
  if (heightThen(s) > heightThen(q) * LOWER) return false
  return distance < spreadThen(q) / 2 + spreadThen(s) * (0.5 - OVER)
}
