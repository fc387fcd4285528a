import { swapKind } from '../../edit'
import type { PlacedPlant } from '../../layout'
import { standIns } from '../../match'
import type { Plant } from '../../plant'
import { listed } from '../ofBed'
import { byGroup, type LocalRule } from '../rule'
import { finding, type Mend, type Remark } from '../finding'
import { along, capital, metres, nameOf, type Scene, isKnownPlant } from '../../scene'

/** What spreads more slowly is kept back by its neighbours; suckers of shrubs are few, and cut out as they come. */
const RUNNER_M_PER_YEAR = 0.12
const SUCKERING_M_PER_YEAR = 0.2
const leastRun = (plant: Plant) => (plant.lifeCycle === 'woody' ? SUCKERING_M_PER_YEAR : RUNNER_M_PER_YEAR)
const LATER_YEARS = 5

/** A plant that travels along the ground stands behind (or beside) a lower one that it would run over. */
export const smother: LocalRule = {
  id: 'smother',
  remarks: (scene, range) => {
    const runners = scene.own.filter((p) => isRunner(p) && p.along >= range.from && p.along <= range.to)
    if (runners.length === 0) return []
    const far = scene.frame.closed ? Infinity : scene.widestM + MOST_REACH_M
    const near = scene.own
      .filter((p) => p.along >= range.from - far && p.along <= range.to + far)
      .sort((a, b) => a.along - b.along)
    let first = 0
    return runners
      .sort((a, b) => a.along - b.along)
      .flatMap((runner) => {
        while (near[first]!.along < runner.along - far) first++
        const found: Remark[] = []
        for (let i = first; i < near.length && near[i]!.along <= runner.along + far; i++) {
          const prey = near[i]!
          if (!smothers(runner, prey)) continue
          const distance = Math.hypot(runner.x - prey.x, runner.y - prey.y)
          if (distance > reachM(runner, prey)) continue
          const group = runner.plant.id
          found.push({ x: runner.along, group, plants: [runner.id, prey.id], value: distance, other: 0 })
        }
        return found
      })
  },
  fold: (scene, remarks) =>
    [...byGroup(remarks)].map(([group, list]) => {
      const runner = scene.byId.get(list[0]!.plants[0]!)!
      const prey = scene.byId.get(list[0]!.plants[1]!)!
      const names = firstNames(scene, list)
      const xs = list.map((r) => r.x)
      const reach = runner.plant.runMPerYear * LATER_YEARS
      return finding(
        {
          id: `smother:${group}`,
          rule: 'smother',
          title: `${capital(nameOf(runner.plant))} will run over ${listed(names)}`,
          reason:
            `It ${runner.plant.travels === 'roots' ? 'roots as it goes' : 'runs'} ` +
            `${metres(runner.plant.runMPerYear)} a year, ${metres(reach)} in ${LATER_YEARS} years unless edged, ` +
            `and stands behind or beside lower neighbours ${along(Math.min(...xs), Math.max(...xs))}.`,
          weight: 52 + Math.min(20, runner.plant.runMPerYear * 60),
          from: Math.min(...xs),
          to: Math.max(...xs),
          plants: [...new Set(list.flatMap((r) => r.plants))],
          figures: [
            { name: 'runs', value: runner.plant.runMPerYear, unit: 'm a year' },
            { name: `in ${LATER_YEARS} years`, value: reach, unit: 'm' },
          ],
          source: 'A creeper goes in front of what it would smother, never behind.',
          grounds: ['practice#together-or-not-at-all'],
        },
        () => mendsFor(scene, runner, prey, new Set(list.map((r) => scene.byId.get(r.plants[0]!)!.driftId))),
      )
    }),
}

/** Names of the first few kinds that are met, one more than are said. */
function firstNames(scene: Scene, list: readonly Remark[]): string[] {
  const names = new Set<string>()
  for (const r of list) {
    names.add(nameOf(scene.byId.get(r.plants[1]!)!.plant))
    if (names.size > MOST_NAMED) break
  }
  return [...names]
}
const MOST_NAMED = 3

const isRunner = (p: PlacedPlant): boolean =>
  isKnownPlant(p) &&
  p.plant.kind !== 'climber' &&
  (p.plant.travels === 'runs' || p.plant.travels === 'roots' || p.plant.travels === 'suckers') &&
  p.plant.runMPerYear >= leastRun(p.plant)

/** How far beyond its spread a kind comes in the years looked at, metres; nothing when it does not run. */
export const runsFarM = (plant: Plant): number =>
  plant.runMPerYear < leastRun(plant) ? 0 : Math.min(MOST_REACH_M, plant.runMPerYear * LATER_YEARS)
const MOST_REACH_M = 1.2

const reachM = ({ plant }: PlacedPlant, prey: PlacedPlant): number =>
  (plant.spreadM + prey.plant.spreadM) / 2 + runsFarM(plant)

function smothers(runner: PlacedPlant, prey: PlacedPlant): boolean {
  const { plant } = runner
  return (
    isKnownPlant(prey) &&
    runner.lane <= prey.lane &&
    prey.plant.id !== plant.id &&
    prey.plant.spacingHabit !== 'weaves' &&
    prey.plant.runMPerYear < plant.runMPerYear &&
    prey.plant.foliageHeightM <= plant.foliageHeightM * 1.25
  )
}

/** To the front where its prey is not; a like plant that stays put. */
function mendsFor(scene: Scene, runner: PlacedPlant, prey: PlacedPlant, drifts: ReadonlySet<string>): Mend[] {
  const last = scene.bed.laneShares.length - 1
  if (runner.standing) return []
  const forward: Mend = {
    label: 'Bring it to the front',
    edit: { kind: 'changeDrift', driftId: runner.driftId, change: { lane: last } },
  }
  const { plant } = runner
  const staying = standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.1, where: (p) => p.runMPerYear === 0 }, 2)
  return [
    ...staying.map((p): Mend => ({
      label: `${capital(nameOf(p))}, which stays, instead`,
      edit: { kind: 'all', name: 'swap plant', edits: swapKind(scene.bed, plant.id, p.id, drifts) },
    })),
    ...(runner.lane < last && prey.lane < last ? [forward] : []),
  ]
}
