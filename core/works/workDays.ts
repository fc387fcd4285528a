import { addDays, daysBetween, mondayOf, weekday, type Day } from '../time'
import type { PlannedTask } from './task'

/** Days worked on one after the other, as columns: 0 is the Monday of the first week. */
export interface Run {
  readonly column: number
  readonly days: number
}
export interface WorkRow {
  readonly task: PlannedTask
  readonly runs: readonly Run[]
  /** From the day after its last to the last on which it holds nothing up; none for a task that does. */
  readonly slack: Run | null
}
/** A week's heading: its Monday, and its column. */
export interface WorkWeek {
  readonly monday: Day
  readonly column: number
}
/** Tasks on their working days, week by week. */
export interface WorkDays {
  readonly columns: number
  readonly weeks: readonly WorkWeek[]
  readonly rows: readonly WorkRow[]
}

/** So many days of slack are shown at most. */
const MOST_SLACK = 28

/** The working days of tasks in columns, a day each, from the Monday of the first week to the Sunday of the last. */
export function workDays(tasks: readonly PlannedTask[]): WorkDays {
  if (tasks.length === 0) return { columns: 0, weeks: [], rows: [] }
  const first = mondayOf(tasks.reduce((day, t) => (t.start < day ? t.start : day), tasks[0]!.start))
  const rows = tasks.map((task) => rowOf(task, first))
  const last = Math.max(
    ...rows.flatMap((r) => [...r.runs, ...(r.slack ? [r.slack] : [])].map((x) => x.column + x.days)),
  )
  const weeks = Math.max(1, Math.ceil(last / 7))
  return {
    columns: weeks * 7,
    weeks: Array.from({ length: weeks }, (_, i) => ({ monday: addDays(first, 7 * i), column: 7 * i })),
    rows,
  }
}

function rowOf(task: PlannedTask, first: Day): WorkRow {
  const worked = task.days.length > 0 ? task.days : [task.start]
  const runs: Run[] = []
  for (const column of worked.map((day) => daysBetween(first, day))) {
    const before = runs[runs.length - 1]
    if (before && before.column + before.days === column)
      runs[runs.length - 1] = { ...before, days: before.days + 1 }
    else runs.push({ column, days: 1 })
  }
  const slips = Math.min(MOST_SLACK, task.slackDays)
  const slack = slips > 0 && !task.done ? { column: daysBetween(first, task.end) + 1, days: slips } : null
  return { task, runs, slack }
}

/** The day on which a task begins when it is moved by so many columns; past a weekend where nobody works on it. */
export function movedStart(task: Pick<PlannedTask, 'start'>, columns: number, workingDays: readonly number[]): Day {
  const step = Math.sign(columns)
  let day = addDays(task.start, columns)
  for (let i = 0; step !== 0 && i < 7 && !workingDays.includes(weekday(day)); i++) day = addDays(day, step)
  return day
}
