import type { Day } from '../time'

export const STAGES = [
  'clear',
  'services',
  'lift',
  'weeds',
  'soil',
  'edging',
  'posts',
  'main water',
  'large',
  'middle',
  'low',
  'bulbs',
  'drip',
  'feed',
  'water in',
  'mulch',
  'gravel',
] as const
export type Stage = (typeof STAGES)[number]

/** A span of days each year in which a task is done well, month and day both ends. */
export interface Season {
  readonly from: string
  readonly to: string
  readonly why: string
}

/** One task of the works, for one bed or (empty `bedId`) the whole garden. */
export interface Task {
  readonly id: string
  readonly stage: Stage
  readonly bedId: string
  readonly name: string
  /** What the hours come from, in words: `42 of 9 cm at 4 min`. */
  readonly basis: string
  readonly hours: number
  readonly people: number
  readonly tools: readonly string[]
  readonly cautions: readonly string[]
  /** Ids of what must be done before, and days to wait after that. */
  readonly after: readonly string[]
  readonly waitDays: number
  /** When it may be done; empty: always. */
  readonly seasons: readonly Season[]
  /** Whether frozen, waterlogged or hot ground keeps from it. */
  readonly minds: boolean
}

/** A task with its days. `slackDays` is how far it can slip before the end does. */
export interface PlannedTask extends Task {
  readonly start: Day
  readonly end: Day
  /** Days on which it is worked on. */
  readonly days: readonly Day[]
  readonly slackDays: number
  readonly critical: boolean
  readonly done: boolean
  /** What moved it: weather or season, in words. */
  readonly moved: readonly string[]
}

/** Above this two lift, kilograms. */
export const LIFT_KG = 25

/** A task of a stage, of one bed or (empty) the whole garden, with what it does not say left plain. */
export const task = (
  stage: Stage,
  bedId: string,
  rest: Partial<Task> & Pick<Task, 'name' | 'basis' | 'hours'>,
): Task => ({
  id: bedId === '' ? stage : `${stage}:${bedId}`,
  ...{ stage, bedId, people: 1, tools: [], cautions: [], after: [], waitDays: 0, seasons: [], minds: false },
  ...rest,
})
