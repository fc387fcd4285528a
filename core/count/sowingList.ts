import type { Tray, TrayStep } from '../model'
import { mondayOf, type Day } from '../time'
import type { RaisingPlan } from './raising'

export type SowingTask = 'chill' | 'sow' | 'prick out' | 'harden off' | 'plant out' | 'take cuttings' | 'divide'

/** One task of the sowing list, on its ISO day; `trayNumbers` are empty while no trays were made. */
export interface SowingLine {
  readonly week: Day
  readonly day: Day
  readonly task: SowingTask
  readonly plantId: string
  readonly pieces: number
  readonly trayNumbers: readonly number[]
  readonly done: boolean
}

const STEP_OF: Readonly<Partial<Record<SowingTask, TrayStep>>> = {
  sow: 'sown',
  'take cuttings': 'sown',
  'prick out': 'prickedOut',
  'harden off': 'hardenedOff',
  'plant out': 'plantedOut',
}

/** Everything that is to be done for what is raised, by week. What all its trays have behind them is done. */
export function sowingList(plans: readonly RaisingPlan[], trays: readonly Tray[]): SowingLine[] {
  const lines = plans.flatMap((plan) => tasksOf(plan).map((task) => lineOf(plan, task, trays)))
  return lines.sort((a, b) => a.day.localeCompare(b.day) || a.plantId.localeCompare(b.plantId))
}

const FIRST: Readonly<Record<RaisingPlan['way'], SowingTask>> = {
  seed: 'sow',
  cutting: 'take cuttings',
  division: 'divide',
}

const tasksOf = (p: RaisingPlan): { task: SowingTask; day: Day; pieces: number }[] =>
  (
    [
      { task: 'chill', day: p.chillFrom, pieces: p.pieces },
      { task: FIRST[p.way], day: p.sow, pieces: p.pieces },
      { task: 'prick out', day: p.prickOut, pieces: p.cells },
      { task: 'harden off', day: p.hardenOff, pieces: p.cells },
      { task: 'plant out', day: p.way === 'division' ? '' : p.plantOut, pieces: p.plants },
    ] as const
  ).filter((t) => t.day !== '')

function lineOf(
  plan: RaisingPlan,
  { task, day, pieces }: ReturnType<typeof tasksOf>[number],
  trays: readonly Tray[],
): SowingLine {
  const own = trays.filter((t) => t.plantId === plan.plantId && !t.failed)
  const step = STEP_OF[task]
  return {
    ...{ week: mondayOf(day), day, task, plantId: plan.plantId, pieces },
    trayNumbers: own.map((t) => t.number),
    done: own.length > 0 && step !== undefined && own.every((t) => t.done[step] !== undefined),
  }
}

/** Trays for a plan that has none, numbered on from those there are; none for what is sown where it stands. */
export function traysFor(
  plan: RaisingPlan,
  trays: readonly Tray[],
  newId: (number: number) => string,
  cellsEach = 40,
): Tray[] {
  if (plan.cells === 0) return []
  const next = trays.reduce((most, t) => Math.max(most, t.number), 0) + 1
  const many = Math.ceil(plan.cells / cellsEach)
  return Array.from({ length: many }, (_, i) => ({
    id: newId(next + i),
    number: next + i,
    plantId: plan.plantId,
    cells: Math.min(cellsEach, plan.cells - i * cellsEach),
    seeds: shareOf(plan.pieces, many, i),
    sow: plan.sow,
    done: {},
    came: null,
    failed: false,
  }))
}

/** Pieces shared out over trays as evenly as whole numbers go. */
const shareOf = (pieces: number, many: number, i: number) => Math.floor(pieces / many) + (i < pieces % many ? 1 : 0)
