import { capital, driftsSeen, nameOf, type Scene } from '../../scene'
import { fullHeightM, misfits } from '../../plant'
import type { PlacedPlant } from '../../layout'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

/** Leaves lower than this wither unseen. */
const LEAF_M = 0.2
const NEAR_M = 0.2
const COVERED = 0.5

/** Bulbs whose leaves die back with nothing beside them that grows up to cover them. */
export const bulbs: WholeRule = {
  id: 'bulbs',
  findings: (scene) =>
    driftsSeen(scene)
      .filter(
        (d) =>
          d.plant.lifeCycle === 'bulb' &&
          d.plant.retention === 'summer-dormant' &&
          d.plant.foliageHeightM >= LEAF_M,
      )
      .flatMap(({ drift, plant, placed }) => {
        const open = placed.filter((p) => !isCovered(scene, p))
        if (open.length < placed.length * COVERED || open.length < 3) return []
        return [
          ofBed(
            scene,
            {
              id: `bulbs:${drift.id}`,
              rule: 'bulbs',
              title: `Nothing covers the dying leaves of ${nameOf(plant)}`,
              reason:
                `${open.length} of ${placed.length} stand with no leaf beside them that comes up as theirs yellow. ` +
                'They want perennials, grasses or low shrubs about them.',
              weight: 26,
              plants: open,
              figures: [{ name: 'without cover', value: open.length, unit: '' }],
              source: 'Bulbs with summer-dormant leaves of 0.2\u202fm and more, no canopy within 0.2\u202fm.',
              grounds: ['composing#seasons'],
            },
            () => covers(scene, open),
          ),
        ]
      }),
}

function isCovered({ own }: Scene, bulb: PlacedPlant): boolean {
  for (const { x, y, plant } of own) {
    const reach = plant.spreadM / 2 + NEAR_M
    if (x - bulb.x > reach || bulb.x - x > reach || plant.lifeCycle === 'bulb' || plant.spacingHabit === 'weaves')
      continue
    if (fullHeightM(plant) >= bulb.plant.foliageHeightM * 0.7 && Math.hypot(x - bulb.x, y - bulb.y) < reach)
      return true
  }
  return false
}

function covers(scene: Scene, open: readonly PlacedPlant[]) {
  const [first] = open
  if (!first) return []
  const from = Math.min(...open.map((p) => p.along))
  const to = Math.max(...open.map((p) => p.along))
  return [...scene.library.values()]
    .filter(
      (p) =>
        p.lifeCycle === 'herbaceous' &&
        p.spreadM >= 0.4 &&
        p.spreadM <= 0.7 &&
        fullHeightM(p) >= first.plant.foliageHeightM &&
        p.foliageHeightM < 0.6 &&
        !p.invasiveNote &&
        p.runMPerYear < 0.06 &&
        misfits(p, scene.site).length === 0,
    )
    .sort((a, b) => Number(scene.byPlant.has(b)) - Number(scene.byPlant.has(a)) || (a.id < b.id ? -1 : 1))
    .slice(0, 3)
    .map((p) => {
      const count = Math.max(1, Math.round((to - from) / (p.spreadM * scene.school.spacing)))
      return {
        label: `${capital(nameOf(p))} among them`,
        edit: {
          kind: 'addDrift' as const,
          drift: {
            id: `cover-${p.id}`.slice(0, 60),
            plantId: p.id,
            lane: first.lane,
            count,
            pattern: 'row' as const,
            at: scene.frame.sAt((from + to) / 2),
            everyM: 1,
          },
        },
      }
    })
}
