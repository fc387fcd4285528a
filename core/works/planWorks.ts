import type { WorksPlan } from '../model'
import { dayTold } from '../measure'
import { addDays, dayIn, daysBetween, weekday, yearOfDay, type Day } from '../time'
import { hindranceOn, type DayWeather } from '../weather'
import type { PlannedTask, Season, Task } from './task'

interface WorksInput {
  readonly tasks: readonly Task[]
  readonly plan: WorksPlan
  /** The first day there may be work when the plan does not say. */
  readonly today: Day
  readonly weather: (day: Day) => DayWeather
  readonly soil: 'sand' | 'loam' | 'clay'
}

/** Days ahead for which the weather is looked at; beyond it none is known. */
export const FORECAST_DAYS = 14
/** A task is put off by at most so many days. */
const LONGEST_WAIT = 800

/**
 * Sets tasks on days: what must come before is done first and waited for, each in its season, not into ground that the forecast makes
 * unfit, no more hours a day than the people have. A task moved by hand begins on its day or, when what comes before is not done, as soon
 * as it can; what hangs on it follows. Throws when tasks wait for one another in a ring.
 */
export function planWorks({ tasks, plan, today, weather, soil }: WorksInput): PlannedTask[] {
  const start = plan.start === '' ? today : plan.start
  const capacity = plan.people * plan.hoursADay
  const used = new Map<Day, number>()
  const planned = new Map<string, PlannedTask>()
  for (const task of inOrder(tasks)) {
    const before = task.after.flatMap((id) => planned.get(id) ?? [])
    const ready = before.reduce(
      (day, b) => later(day, addDays(b.end, task.waitDays > 0 ? task.waitDays + 1 : 0)),
      start,
    )
    const wanted = plan.moved[task.id]
    planned.set(
      task.id,
      setTask(task, later(ready, wanted ?? ready), { plan, capacity, used, today, weather, soil }),
    )
  }
  return withSlack([...planned.values()])
}

const later = (a: Day, b: Day) => (a > b ? a : b)

interface Ground {
  readonly plan: WorksPlan
  readonly capacity: number
  readonly used: Map<Day, number>
  readonly today: Day
  readonly weather: (day: Day) => DayWeather
  readonly soil: 'sand' | 'loam' | 'clay'
}

function setTask(task: Task, from: Day, ground: Ground): PlannedTask {
  const { plan, used } = ground
  const moved: string[] = []
  const note = (words: string) => {
    if (!moved.includes(words)) moved.push(words)
  }
  const doneOn = plan.done[task.id]
  if (doneOn) return planTask(task, [doneOn], true, [])
  let day = seasonStart(task.seasons, from, note)
  let left = Math.max(LEAST_HOURS, task.hours)
  const days: Day[] = []
  for (let i = 0; left > 1e-9 && i < LONGEST_WAIT; i++, day = addDays(day, 1)) {
    const hours = Math.min(left, freeHours(task, day, ground, note))
    if (hours <= 0) continue
    used.set(day, (used.get(day) ?? 0) + hours)
    left -= hours
    days.push(day)
  }
  return planTask(task, days.length > 0 ? days : [day], false, moved)
}

/** A quarter of an hour: less is not begun. */
const LEAST_HOURS = 0.25

/** Hours that are free for a task on a day: none on days off, when the day is full, and when the forecast makes the ground unfit. */
function freeHours(task: Task, day: Day, ground: Ground, note: (words: string) => void): number {
  const { plan, capacity, used, today, weather, soil } = ground
  if (!plan.days.includes(weekday(day))) return 0
  const free = capacity - (used.get(day) ?? 0)
  if (free < LEAST_HOURS) return 0
  const ahead = daysBetween(today, day)
  const isKnown = task.minds && ahead >= 0 && ahead < FORECAST_DAYS
  const hindrance = isKnown ? hindranceOn(weather, day, soil) : null
  if (hindrance) note(`${hindrance} on ${dayTold(day)}`)
  return hindrance ? 0 : free
}

const planTask = (task: Task, days: readonly Day[], done: boolean, moved: readonly string[]): PlannedTask => ({
  ...task,
  start: days[0]!,
  end: days[days.length - 1]!,
  days,
  done,
  moved,
  slackDays: 0,
  critical: false,
})

/** The first day from another on that lies in one of the seasons. */
function seasonStart(seasons: readonly Season[], from: Day, note: (words: string) => void): Day {
  if (seasons.length === 0) return from
  const starts = seasons.map((s) => ({ day: firstIn(s, from), why: s.why }))
  const first = starts.reduce((a, b) => (b.day < a.day ? b : a))
  if (first.day > from) note(first.why)
  return first.day
}

/** The first day from another on within a season, which may run over the new year. */
export function firstIn({ from, to }: Season, day: Day): Day {
  for (let year = yearOfDay(day) - 1; ; year++) {
    const start = dayIn(year, from)
    const end = dayIn(to >= from ? year : year + 1, to)
    if (end >= day) return later(start, day)
  }
}

/** Tasks so that none comes before what it waits for; those in the order given where that is free. */
function inOrder(tasks: readonly Task[]): Task[] {
  const byId = new Map(tasks.map((t) => [t.id, t]))
  const placed = new Set<string>()
  const under = new Set<string>()
  const order: Task[] = []
  const visit = (task: Task) => {
    if (placed.has(task.id)) return
    if (under.has(task.id)) throw new Error(`The task “${task.name}” waits for itself.`)
    under.add(task.id)
    for (const id of task.after) {
      const before = byId.get(id)
      if (before) visit(before)
    }
    under.delete(task.id)
    placed.add(task.id)
    order.push(task)
  }
  tasks.forEach(visit)
  return order
}

/** How far each task can slip before the last one ends later: by what hangs on it, backwards from the end. */
function withSlack(tasks: readonly PlannedTask[]): PlannedTask[] {
  const end = tasks.reduce((day, t) => later(day, t.end), tasks[0]?.end ?? '')
  const latest = new Map<string, Day>()
  const hanging = new Map<string, PlannedTask[]>()
  for (const t of tasks) for (const id of t.after) hanging.set(id, [...(hanging.get(id) ?? []), t])
  for (const t of [...tasks].reverse()) {
    const limits = (hanging.get(t.id) ?? []).map((next) => {
      const nextStart = addDays(latest.get(next.id) ?? end, -daysBetween(next.start, next.end))
      return addDays(nextStart, next.waitDays > 0 ? -next.waitDays - 1 : 0)
    })
    latest.set(
      t.id,
      limits.reduce((day, limit) => (limit < day ? limit : day), end),
    )
  }
  return tasks.map((t) => {
    const slackDays = Math.max(0, daysBetween(t.end, latest.get(t.id) ?? end))
    return { ...t, slackDays, critical: slackDays === 0 && !t.done }
  })
}
