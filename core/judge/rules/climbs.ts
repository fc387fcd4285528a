import { standIns } from '../../match'
import { capital, driftsSeen, metres, nameOf, type Scene } from '../../scene'
import { newFeature } from '../../bed'
import { distanceTo, type PlacedThing } from '../../site'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

const HOLDS: ReadonlySet<string> = new Set(['trellis', 'wires', 'obelisk', 'post'])
const REACH_M = 1
const WALL_M = 1

/** A climber with nothing to climb. */
export const climbs: WholeRule = {
  id: 'climbs',
  findings: (scene) =>
    driftsSeen(scene)
      .filter((d) => d.plant.kind === 'climber' || d.plant.habit === 'climber')
      .filter((d) => d.plant.habit !== 'trailing' && !d.placed.some((p) => p.held || isHeld(scene, p)))
      .map(({ drift, plant, placed }) =>
        ofBed(
          scene,
          {
            id: `climbs:${drift.id}`,
            rule: 'climbs',
            title: `${capital(nameOf(plant))} has nothing to climb`,
            reason:
              `It climbs ${metres(plant.foliageHeightM)}; no wall, fence, trellis, wires, post or plant that holds it ` +
              `stands within ${metres(REACH_M)}.`,
            weight: 58,
            plants: placed,
            figures: [{ name: 'climbs', value: plant.foliageHeightM, unit: 'm' }],
            source: 'Climbers on what stands behind.',
            grounds: ['practice#the-order-of-the-work'],
          },
          () => [
            {
              label: 'An obelisk for it',
              edit: {
                kind: 'setBed',
                change: {
                  features: [
                    ...scene.bed.features,
                    newFeature('obelisk', `for-${drift.id}`.slice(0, 60), {
                      x: Math.round((placed[0]!.x + 0.35) * 100) / 100,
                      y: Math.round(placed[0]!.y * 100) / 100,
                    }),
                  ],
                },
              },
            },
            ...standIns(plant, scene, { maxSpreadM: 1.2, maxHeightM: 2 }, 2).map((p) => ({
              label: `${capital(nameOf(p))} instead`,
              edit: { kind: 'changeDrift' as const, driftId: drift.id, change: { plantId: p.id } },
            })),
            { label: 'Leave it out', edit: { kind: 'removeDrift', driftId: drift.id } },
          ],
        ),
      ),
}

function isHeld(scene: Scene, { x, y, lane }: { x: number; y: number; lane: number }): boolean {
  const { bed, surroundings } = scene
  if (bed.form.kind === 'foundation' && bed.wall && bed.wall.heightM >= WALL_M) return true
  if (bed.wall && bed.wall.heightM >= WALL_M && lane === 0) return true
  if (bed.form.kind === 'island' && bed.form.centre !== 'none' && Math.hypot(x, y) < REACH_M) return true
  const isNear = (t: PlacedThing) =>
    (t.kind === 'fence' || t.kind === 'building') && distanceTo(t, { x, y }) < REACH_M
  if (surroundings?.things.some(isNear)) return true
  return bed.features.some(
    (f) => HOLDS.has(f.kind) && Math.hypot(f.x - x, f.y - y) < REACH_M + Math.max(f.lengthM, f.widthM) / 2,
  )
}
