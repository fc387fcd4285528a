import type { PlacedPlant } from '../../layout'
import { byGroup, type LocalRule } from '../rule'
import type { Mend } from '../finding'
import { along, capital, metres, nameOf, type Scene, isKnownPlant } from '../../scene'

const RUNNER_M_PER_YEAR = 0.08
const LATER_YEARS = 5

/** A plant that travels along the ground stands behind (or beside) a lower one that it would run over. */
export const smother: LocalRule = {
  id: 'smother',
  remarks: (_scene, _range, pairs) =>
    pairs().flatMap(({ a, b, distance }) => {
      const runner = [a, b].find((p) => smothers(p, p === a ? b : a))
      if (!runner) return []
      const prey = runner === a ? b : a
      const group = `${runner.driftId}>${prey.plant.id}`
      return [{ x: a.along, group, plants: [runner.id, prey.id], value: distance, other: 0 }]
    }),
  fold: (scene, remarks) =>
    [...byGroup(remarks)].map(([group, list]) => {
      const runner = scene.byId.get(list[0]!.plants[0]!)!
      const prey = scene.byId.get(list[0]!.plants[1]!)!
      const xs = list.map((r) => r.x)
      const reach = runner.plant.runMPerYear * LATER_YEARS
      return {
        id: `smother:${group}`,
        rule: 'smother',
        title: `${capital(nameOf(runner.plant))} will run over ${nameOf(prey.plant)}`,
        reason:
          `It ${runner.plant.travels === 'roots' ? 'roots as it goes' : 'runs'} ` +
          `${metres(runner.plant.runMPerYear)} a year, ${metres(reach)} in ${LATER_YEARS} years unless edged, ` +
          `and stands behind lower neighbours ${along(Math.min(...xs), Math.max(...xs))}.`,
        weight: 52 + Math.min(20, runner.plant.runMPerYear * 60),
        from: Math.min(...xs),
        to: Math.max(...xs),
        plants: [...new Set(list.flatMap((r) => r.plants))],
        figures: [
          { name: 'runs', value: runner.plant.runMPerYear, unit: 'm a year' },
          { name: `in ${LATER_YEARS} years`, value: reach, unit: 'm' },
        ],
        source: 'A creeper goes in front of what it would smother, never behind. Practice, Together or not at all.',
        mends: forward(scene, runner),
      }
    }),
}

function smothers(runner: PlacedPlant, prey: PlacedPlant): boolean {
  const { plant } = runner
  return (
    isKnownPlant(runner) &&
    isKnownPlant(prey) &&
    plant.kind !== 'climber' &&
    (plant.travels === 'runs' || plant.travels === 'roots' || plant.travels === 'suckers') &&
    plant.runMPerYear >= RUNNER_M_PER_YEAR &&
    runner.lane < prey.lane &&
    prey.plant.id !== plant.id &&
    prey.plant.spacingHabit !== 'weaves' &&
    prey.plant.runMPerYear < plant.runMPerYear &&
    prey.plant.foliageHeightM <= plant.foliageHeightM * 1.25
  )
}

function forward(scene: Scene, runner: PlacedPlant): Mend[] {
  const last = scene.bed.laneShares.length - 1
  return !runner.standing && runner.lane < last
    ? [
        {
          label: 'Bring it to the front',
          edit: { kind: 'changeDrift', driftId: runner.driftId, change: { lane: last } },
        },
      ]
    : []
}
