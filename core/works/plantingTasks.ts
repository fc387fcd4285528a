import type { Bed } from '../model'
import { sizeFigures, type Frosts } from '../count'
import type { Plant } from '../plant'
import { rateFor, type Rate, type RateOf } from './rates'
import { seasonsFor } from './seasons'
import { LIFT_KG, task, type Stage, type Task } from './task'

/** Soil settles so many days after it was dug, before anything is planted. */
const SETTLES_DAYS = 10
const LARGE_M = 1.2
const MIDDLE_M = 0.5

/** Plants of one kind and size in a bed. */
export interface Counted {
  readonly plant: Plant
  readonly count: number
  readonly size: string
}

const sum = <T>(list: readonly T[], of: (item: T) => number) => list.reduce((n, item) => n + of(item), 0)
const isBulb = (p: Plant) => p.lifeCycle === 'bulb'
const STAGE_OF: readonly { stage: Stage; name: string; has: (p: Plant) => boolean }[] = [
  {
    stage: 'large',
    name: 'plant trees and large shrubs',
    has: (p) => !isBulb(p) && (p.kind === 'tree' || p.foliageHeightM >= LARGE_M),
  },
  {
    stage: 'middle',
    name: 'plant the middle',
    has: (p) => !isBulb(p) && p.kind !== 'tree' && p.foliageHeightM >= MIDDLE_M && p.foliageHeightM < LARGE_M,
  },
  {
    stage: 'low',
    name: 'plant the low ones',
    has: (p) => !isBulb(p) && p.kind !== 'tree' && p.foliageHeightM < MIDDLE_M,
  },
  { stage: 'bulbs', name: 'plant bulbs', has: isBulb },
]

/** Planting of a bed: trees and large shrubs, then the middle, then the low, then bulbs; each after the other. */
export function plantingTasks(
  frosts: Frosts,
  bedId: string,
  bed: Bed,
  plants: readonly Counted[],
  rate: RateOf,
  ready: readonly string[],
  dug: boolean,
): Task[] {
  let before = ready.length > 0 ? ready : ['services']
  return STAGE_OF.flatMap(({ stage, name, has }) => {
    const own = plants.filter((c) => has(c.plant))
    if (own.length === 0) return []
    const made = task(stage, bedId, {
      name: `${bed.name}: ${name}`,
      ...hoursOf(own, rate),
      people: stage === 'large' ? 2 : 1,
      tools:
        stage === 'large'
          ? ['spades', 'hessian', 'stakes and ties', 'water']
          : ['trowels', 'kneeling boards', 'water'],
      cautions: plantCautions(own),
      after: before,
      waitDays: dug && before === ready ? SETTLES_DAYS : 0,
      seasons: seasonsFor(
        own.map((c) => c.plant),
        stage,
        frosts,
      ),
      minds: true,
    })
    before = [made.id]
    return [made]
  })
}

function hoursOf(plants: readonly Counted[], rate: RateOf): { hours: number; basis: string } {
  const byRate = new Map<Rate, number>()
  for (const { plant, count, size } of plants)
    byRate.set(rateFor(plant, size), (byRate.get(rateFor(plant, size)) ?? 0) + count)
  return {
    hours: sum([...byRate], ([r, n]) => n * rate(r)) / 60,
    basis: [...byRate].map(([r, n]) => `${n} × ${r} at ${rate(r)} min`).join(', '),
  }
}

function plantCautions(plants: readonly Counted[]): string[] {
  const some = (has: (p: Plant) => boolean) => plants.filter((c) => has(c.plant)).map((c) => c.plant.commonName)
  const thorns = some((p) => p.spines !== 'none')
  const sap = some((p) => p.skin !== 'none')
  return [
    ...(thorns.length > 0 ? [`gloves and goggles: ${thorns.join(', ')}`] : []),
    ...(sap.length > 0 ? [`gloves against sap: ${sap.join(', ')}`] : []),
    ...(plants.some((c) => sizeFigures(c.size).volumeL >= 15) ? [`two lift pots over ${LIFT_KG}\u202fkg`] : []),
    'not in frozen, waterlogged or hot ground; pots wait in shade and are watered',
  ]
}
