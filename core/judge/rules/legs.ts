import type { PlacedPlant } from '../../layout'
import { fullHeightM, misfits, type Plant } from '../../plant'
import { capital, kindsById, metres, nameOf, type Scene } from '../../scene'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

const TALL_M = 1.1
/** Upright growers and roses are bare below; a clear stem is. */
const LEGGY: ReadonlySet<string> = new Set(['vase', 'spire'])
const COVER_M = 0.2
const IN_FRONT = 0.7

/** Shrubs that are bare at the foot, with nothing before them. */
export const legs: WholeRule = {
  id: 'legs',
  findings: (scene) =>
    scene.frame.closed || scene.bed.form.kind === 'two-sided'
      ? []
      : kindsById(scene.byPlant)
          .filter(([p]) => isLeggy(p))
          .flatMap(([plant, placed]) => {
            const bare = placed.filter((p) => !hasCover(scene, p))
            if (bare.length === 0) return []
            return [
              ofBed(
                scene,
                {
                  id: `legs:${plant.id}`,
                  rule: 'legs',
                  title: `${capital(nameOf(plant))} shows bare legs`,
                  reason:
                    `It grows ${metres(fullHeightM(plant))} high and is bare at the foot; nothing of ${metres(COVER_M)} and ` +
                    `more stands before ${bare.length === 1 ? 'it' : `${bare.length} of them`}.`,
                  weight: 27,
                  plants: bare,
                  figures: [{ name: 'without cover', value: bare.length, unit: '' }],
                  source:
                    'Vase-shaped shrubs and clear stems of 1.1\u202fm and more; plants of 0.2\u202fm and more before them. ' +
                    '',
                  grounds: ['practice#groups-repetition-order'],
                },
                () => skirts(scene, bare[0]!),
              ),
            ]
          }),
}

const isLeggy = (p: Plant) =>
  p.lifeCycle === 'woody' &&
  p.kind !== 'climber' &&
  p.kind !== 'conifer' &&
  fullHeightM(p) >= TALL_M &&
  p.kind !== 'tree' &&
  (LEGGY.has(p.habit) || p.clearStemM >= 0.3)

function hasCover({ own, frame }: Scene, shrub: PlacedPlant): boolean {
  const half = shrub.plant.spreadM / 2
  // A shrub that itself stands at the front reaches to the edge: its lowest twigs are seen whatever is done.
  if (frame.depthAlong(shrub.along) - shrub.out < half * 0.6) return true
  let covered = 0
  for (const q of own) {
    if (q.out <= shrub.out + 0.05 || q === shrub || fullHeightM(q.plant) < COVER_M) continue
    if (q.plant.spacingHabit === 'weaves' || q.plant.kind === 'climber') continue
    const away = Math.abs(q.along - shrub.along)
    if (away < half * IN_FRONT + q.plant.spreadM / 2) covered += Math.min(q.plant.spreadM, half * 2)
  }
  return covered >= half * IN_FRONT
}

function skirts(scene: Scene, shrub: PlacedPlant) {
  const room = scene.frame.depthAlong(shrub.along) - shrub.out
  const lane = Math.min(scene.bed.laneShares.length - 1, shrub.lane + 1)
  return [...scene.library.values()]
    .filter(
      (p) =>
        p.lifeCycle === 'herbaceous' &&
        fullHeightM(p) >= 0.3 &&
        fullHeightM(p) < fullHeightM(shrub.plant) * 0.6 &&
        p.spreadM <= Math.min(0.8, room) &&
        !p.invasiveNote &&
        p.runMPerYear < 0.06 &&
        misfits(p, scene.site).length === 0,
    )
    .sort((a, b) => Number(scene.byPlant.has(b)) - Number(scene.byPlant.has(a)) || (a.id < b.id ? -1 : 1))
    .slice(0, 3)
    .map((p) => ({
      label: `Three ${nameOf(p)} before it`,
      edit: {
        kind: 'addDrift' as const,
        drift: {
          id: `skirt-${shrub.id}-${p.id}`.slice(0, 60),
          plantId: p.id,
          lane,
          count: 3,
          pattern: 'row' as const,
          at: scene.frame.sAt(shrub.along),
          everyM: 1,
        },
      },
    }))
}
