import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, dayIn, daysBetween, isDay, mondayOf, nextDay, weekday } from './days'

const day = fc
  .integer({ min: 0, max: 40_000 })
  .map((n) => new Date(Date.UTC(1990, 0, 1 + n)).toISOString().slice(0, 10))

describe('days', () => {
  it('are added and counted without loss over years, leap days and changes of the clock', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: -3000, max: 3000 }), (from, n) => {
        expect(daysBetween(from, addDays(from, n))).toBe(n)
        expect(addDays(addDays(from, n), -n)).toBe(from)
      }),
    )
  })
  it('weeks begin on Monday', () => {
    fc.assert(
      fc.property(day, (d) => {
        expect(weekday(mondayOf(d))).toBe(1)
        expect(daysBetween(mondayOf(d), d)).toBe(weekday(d) - 1)
      }),
    )
    expect(weekday('2026-11-26')).toBe(4)
  })
  it('the next day with a month and day is within a year and not before', () => {
    fc.assert(
      fc.property(day, fc.constantFrom('05-08', '10-14', '01-01', '12-31', '02-29'), (d, monthDay) => {
        const next = nextDay(monthDay, d)
        expect(next >= d).toBe(true)
        expect(daysBetween(d, next)).toBeLessThanOrEqual(366)
      }),
    )
  })
  it('a leap day is the 28th in a year that has none', () => {
    expect(dayIn(2027, '02-29')).toBe('2027-02-28')
    expect(dayIn(2028, '02-29')).toBe('2028-02-29')
  })
  it('are checked and written in words', () => {
    expect(['2026-02-30', '2026-2-3', '', 'today', '2026-02-28'].map(isDay)).toEqual([
      false,
      false,
      false,
      false,
      true,
    ])
  })
})
