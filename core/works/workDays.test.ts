import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, weekday } from '../time'
import { task, type PlannedTask } from './task'
import { movedStart, workDays } from './workDays'

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
  it('show how far a task can slip, and nothing of that once it is done', () => {
    const open = planned('a', ['2026-05-05'], { slackDays: 3 })
    expect(workDays([open]).rows[0]!.slack).toEqual({ column: 2, days: 3 })
    expect(workDays([{ ...open, done: true }]).rows[0]!.slack).toBeNull()
  })
  it('of no tasks are none', () => expect(workDays([])).toEqual({ columns: 0, weeks: [], rows: [] }))
  it('hold every worked day once, within the columns', () =>
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 90 }), { minLength: 1, maxLength: 20 }), (offsets) => {
        const days = offsets.sort((a, b) => a - b).map((n) => addDays('2026-02-28', n))
        const { columns, rows } = workDays([planned('a', days)])
        const shown = rows[0]!.runs.flatMap((r) => Array.from({ length: r.days }, (_, i) => r.column + i))
        expect(shown).toHaveLength(days.length)
        expect(Math.max(...shown)).toBeLessThan(columns)
        expect(Math.min(...shown)).toBeLessThan(7)
      }),
    ))
})

describe('a task that is moved', () => {
  const weekdays = [1, 2, 3, 4, 5]
  it('goes over a weekend the way it is moved', () => {
    expect(movedStart({ start: '2026-05-08' }, 1, weekdays)).toBe('2026-05-11')
    expect(movedStart({ start: '2026-05-11' }, -1, weekdays)).toBe('2026-05-08')
  })
  it('stays where it is not moved, and lands on a working day otherwise', () =>
    fc.assert(
      fc.property(fc.integer({ min: -60, max: 60 }), (by) => {
        const day = movedStart({ start: '2026-05-06' }, by, weekdays)
        if (by === 0) expect(day).toBe('2026-05-06')
        else expect(weekdays).toContain(weekday(day))
      }),
    ))
})
