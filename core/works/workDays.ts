import { addDays, mondayOf, weekday, type Day } from '../time'
import type { PlannedTask } from './task'

/** Days one after the other, as columns: 0 is the Monday of the first week. */
interface Run {
  readonly column: number
  readonly days: number
}
interface WorkRow {
  readonly task: PlannedTask
  readonly runs: readonly Run[]
  /** From the day after its last, as far as it can slip without holding up the end. */
  readonly slack: Run | null
}
/** A week's heading: its Monday, and its column. */
interface WorkWeek {
  readonly monday: Day
  readonly column: number
}
/** Tasks on their working days, week by week. */
interface WorkDays {
  readonly columns: number
  readonly weeks: readonly WorkWeek[]
  readonly rows: readonly WorkRow[]
}

/** So many days of slack are shown at most. */
const MOST_SLACK = 28

/** The working days of tasks in columns, a day each, Monday to Sunday; weeks in which nobody works on any of them are left out. */
export function workDays(tasks: readonly PlannedTask[]): WorkDays {
  const mondays = [...new Set(tasks.flatMap(workedOn).map(mondayOf))].sort()
  const columns = new Map(mondays.map((monday, i) => [monday, 7 * i]))
  return {
    columns: 7 * mondays.length,
    weeks: mondays.map((monday, i) => ({ monday, column: 7 * i })),
    rows: tasks.map((task) => rowOf(task, columns)),
  }
}
const workedOn = (task: PlannedTask): readonly Day[] => (task.days.length > 0 ? task.days : [task.start])

type Columns = ReadonlyMap<Day, number>
const columnOf = (day: Day, columns: Columns): number | null => {
  const monday = columns.get(mondayOf(day))
  return monday === undefined ? null : monday + weekday(day) - 1
}

function rowOf(task: PlannedTask, columns: Columns): WorkRow {
  const runs: Run[] = []
  for (const day of workedOn(task)) {
    const column = columnOf(day, columns)!
    const before = runs[runs.length - 1]
    if (before && before.column + before.days === column)
      runs[runs.length - 1] = { ...before, days: before.days + 1 }
    else runs.push({ column, days: 1 })
  }
  const last = runs[runs.length - 1]!
  return { task, runs, slack: task.done ? null : slackOf(task, last.column + last.days, columns) }
}

function slackOf({ end, slackDays }: PlannedTask, column: number, columns: Columns): Run | null {
  const days = Array.from({ length: Math.min(MOST_SLACK, slackDays) }, (_, i) => addDays(end, i + 1))
  const shown = days.filter((day) => columnOf(day, columns) !== null)
  return shown.length > 0 ? { column, days: shown.length } : null
}

/** The day of a column; before the first week and after the last they go on day by day. */
export function dayOfColumn({ weeks, columns }: Pick<WorkDays, 'weeks' | 'columns'>, column: number): Day {
  const week = weeks[Math.floor(column / 7)]
  if (week) return addDays(week.monday, column - week.column)
  return column < 0
    ? addDays(weeks[0]!.monday, column)
    : addDays(weeks[weeks.length - 1]!.monday, 7 + column - columns)
}

/** The next day, on from this one in a direction (1 later, -1 earlier), on which somebody works; this one where somebody does. */
export function workingDay(day: Day, step: 1 | -1, workingDays: readonly number[]): Day {
  for (let i = 0; i < 7; i++) {
    const on = addDays(day, step * i)
    if (workingDays.includes(weekday(on))) return on
  }
  return day
}
