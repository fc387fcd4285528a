import { describe, expect, it } from 'vitest'
import { addDays, type Day } from '../time'
import type { DayWeather } from '../weather'
import type { CareTask } from './careYear'
import { keptBack, monthHours, weatherWords } from './weatherCare'

const mild = { lowC: 8, highC: 18, rainMm: 3, gustMs: 6 }
const weather =
  (days: Readonly<Record<Day, Partial<DayWeather>>>, base: Omit<DayWeather, 'day'> = mild) =>
  (day: Day): DayWeather => ({ ...base, ...days[day], day })
const tender = { names: ['dahlia'], count: 4 }

describe('what the weather asks', () => {
  it('covers before frost, ties before a storm, leaves clipping in heat', () => {
    const words = weatherWords(
      weather({ '2027-05-12': { lowC: -1 }, '2027-05-14': { gustMs: 21 }, '2027-05-16': { highC: 33 } }),
      '2027-05-10',
      14,
      tender,
      3,
    )
    expect(words.map((w) => [w.day, w.what, w.minutes])).toEqual([
      ['2027-05-12', 'frost', 4],
      ['2027-05-14', 'storm', 2],
      ['2027-05-16', 'heat', 0],
    ])
    expect(words[0]!.says).toContain('Cover 4 tender plants')
  })
  it('has nothing to say of tender plants that stand inside, nor of a mild fortnight', () => {
    const cold = weather({}, { ...mild, lowC: -3 })
    expect(weatherWords(cold, '2027-01-10', 5, { names: [], count: 0 }, 0)).toEqual([])
    expect(weatherWords(weather({}), '2027-06-01', 14, tender, 3)).toEqual([])
  })
  it('a dry week is told once, on the day it has become one', () => {
    const dry = (day: Day): DayWeather => ({ day, ...mild, highC: 26, rainMm: day < '2027-07-10' ? 5 : 0 })
    const words = weatherWords(dry, '2027-07-08', 14, tender, 0)
    // Dry from the 10th: seven days of it are the 10th to the 16th.
    expect(words.map((w) => [w.what, w.day])).toEqual([['drought', '2027-07-16']])
  })
  it('clipping waits for a cooler day, planting for one without frost, watching for none', () => {
    const hot = { ...mild, day: '2027-07-01', highC: 34 }
    const frost = { ...mild, day: '2027-03-01', lowC: -4 }
    expect(keptBack('clip', hot)).toBe('not in 34\u202f°C')
    expect(keptBack('set out', frost)).toBe('not in frost')
    expect([keptBack('watch', hot), keptBack('clip', { ...mild, day: '2027-06-01' })]).toEqual([null, null])
  })
})

describe('hours by month', () => {
  it('are counted where the work is best done, and say what takes most of them', () => {
    const task = (kind: CareTask['kind'], best: Day, minutes: number) => ({ kind, best, minutes }) as CareTask
    const months = monthHours(
      [task('clip', '2027-06-10', 90), task('weed', '2027-06-20', 30), task('weed', addDays('2027-12-31', 1), 60)],
      2027,
    )
    expect(months[5]).toEqual({ month: 6, hours: 2, most: 'clip' })
    expect(months.reduce((n, m) => n + m.hours, 0)).toBe(2)
    expect(months[0]).toEqual({ month: 1, hours: 0, most: null })
  })
})
