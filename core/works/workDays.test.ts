import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../time'
import { task, type PlannedTask } from './task'
import { dayOfColumn, workDays, workingDay } from './workDays'

const planned = (id: string, days: readonly string[], rest: Partial<PlannedTask> = {}): PlannedTask => ({
  ...task('middle', id, { name: id, basis: '', hours: 1 }),
  ...{ start: days[0]!, end: days[days.length - 1]!, days, slackDays: 0, critical: true, done: false, moved: [] },
  ...rest,
})

describe('working days in columns', () => {
  it('begin on a Monday, leave weekends out and end with a whole week', () => {
    // 2026-05-07 is a Thursday.
    const shown = workDays([planned('a', ['2026-05-07', '2026-05-08', '2026-05-11'])])
    expect(shown.weeks).toEqual([
      { monday: '2026-05-04', column: 0 },
      { monday: '2026-05-11', column: 7 },
    ])
    expect(shown.columns).toBe(14)
    expect(shown.rows[0]!.runs).toEqual([
      { column: 3, days: 2 },
      { column: 7, days: 1 },
    ])
  })
  it('leave out weeks in which nobody works, and name the days of those that are shown', () => {
    const shown = workDays([planned('a', ['2026-05-05']), planned('b', ['2026-06-03'])])
    expect(shown.weeks.map((w) => w.monday)).toEqual(['2026-05-04', '2026-06-01'])
    expect(shown.rows.map((r) => r.runs[0]!.column)).toEqual([1, 9])
    expect([-1, 0, 8, 14].map((column) => dayOfColumn(shown, column))).toEqual([
      '2026-05-03',
      '2026-05-04',
      '2026-06-02',
      '2026-06-08',
    ])
  })
  it('show how far a task can slip, and nothing of that once it is done', () => {
    const open = planned('a', ['2026-05-05'], { slackDays: 3 })
    expect(workDays([open]).rows[0]!.slack).toEqual({ column: 2, days: 3 })
    expect(workDays([{ ...open, done: true }]).rows[0]!.slack).toBeNull()
  })
  it('of no tasks are none', () => expect(workDays([])).toEqual({ columns: 0, weeks: [], rows: [] }))
  it('hold every worked day once, at its own day', () =>
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 90 }), { minLength: 1, maxLength: 20 }), (offsets) => {
        const days = offsets.sort((a, b) => a - b).map((n) => addDays('2026-02-28', n))
        const shown = workDays([planned('a', days)])
        const columns = shown.rows[0]!.runs.flatMap((r) => Array.from({ length: r.days }, (_, i) => r.column + i))
        expect(columns.map((c) => dayOfColumn(shown, c))).toEqual(days)
        expect(Math.max(...columns)).toBeLessThan(shown.columns)
      }),
    ))
})

describe('a task that is moved', () => {
  const weekdays = [1, 2, 3, 4, 5]
  it('goes over a weekend the way it is moved, and stays on a working day', () => {
    expect(workingDay('2026-05-09', 1, weekdays)).toBe('2026-05-11')
    expect(workingDay('2026-05-10', -1, weekdays)).toBe('2026-05-08')
    expect(workingDay('2026-05-08', 1, weekdays)).toBe('2026-05-08')
    expect(workingDay('2026-05-09', 1, [])).toBe('2026-05-09')
  })
})
