import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { drift, library, plant, plants, portLinnet, testBed } from '../../tests/support/library'
import { EMPTY_SUPPLY, gardenCount, gardenMaterials } from '../count'
import { daysBetween, weekday } from '../time'
import { hindranceOn, simulatedWeather } from '../weather'
import { plantingNotes } from './plantingNotes'
import { firstIn, planWorks } from './planWorks'
import { MINUTES, rateFor } from './rates'
import type { Task } from './task'
import { tasksOf } from './tasksOf'

const bed = testBed({
  drifts: [
    drift('a', 'alchemilla-mollis', 2, 2, 30),
    drift('t', 'taxus-baccata-fastigiata', 0, 2, 2),
    drift('g', 'galanthus-nivalis', 2, 6, 40),
  ],
})
const beds = [{ id: 'b', bed }]
const { lines } = gardenCount({ beds, library, supply: EMPTY_SUPPLY })
const tasks = tasksOf({
  beds,
  lines,
  materials: gardenMaterials(beds, lines),
  frosts: portLinnet,
  services: ['gas'],
})
const mild = () => ({ day: '', lowC: 8, highC: 15, rainMm: 0, gustMs: 4 })
const plan = (
  change: Partial<typeof EMPTY_SUPPLY.works> = {},
  weather: Parameters<typeof planWorks>[0]['weather'] = mild,
) =>
  planWorks({
    tasks,
    plan: { ...EMPTY_SUPPLY.works, start: '2026-04-01', ...change },
    today: '2026-04-01',
    weather,
    soil: 'loam',
  })

describe('tasks', () => {
  it('hours on paper: 30 of 9 cm at 4 minutes are 2 h, 40 bulbs an hour', () => {
    expect(tasks.find((t) => t.stage === 'low')!.hours).toBeCloseTo(2, 9)
    expect(tasks.find((t) => t.stage === 'bulbs')!.hours).toBeCloseTo(1, 9)
    expect(tasks.find((t) => t.stage === 'soil')!.hours).toBeCloseTo(
      (30 * 0.25 * MINUTES['m³ of soil dug']) / 60,
      6,
    )
  })
  it('take a rate that was set', () => {
    const slow = tasksOf({
      ...{ beds, lines, materials: [], frosts: portLinnet, services: [] },
      minutes: { 'plug or 9 cm pot': 10 },
    })
    expect(slow.find((t) => t.stage === 'low')!.hours).toBeCloseTo(5, 9)
  })
  it('rate every plant of the library', () => {
    for (const p of plants) expect(MINUTES[rateFor(p, p.sizes[0]!.label)]).toBeGreaterThan(0)
  })
})

describe('the plan', () => {
  const free = fc.record({
    people: fc.integer({ min: 1, max: 6 }),
    hoursADay: fc.integer({ min: 2, max: 9 }),
    days: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1 }),
    start: fc.constantFrom('2026-01-10', '2026-04-01', '2026-07-20', '2026-12-30'),
  })
  it('begins nothing before what it waits for, works on working days only, and no more hours than there are', () => {
    const weather = simulatedWeather(portLinnet, 'saltmarsh-row')
    fc.assert(
      fc.property(free, (change) => {
        const list = plan(change, weather)
        const byId = new Map(list.map((t) => [t.id, t]))
        for (const t of list) {
          for (const id of t.after) {
            const before = byId.get(id)
            if (before)
              expect(daysBetween(before.end, t.start)).toBeGreaterThanOrEqual(t.waitDays > 0 ? t.waitDays + 1 : 0)
          }
          expect(t.days.every((d) => change.days.includes(weekday(d)))).toBe(true)
        }
        const hours = list.reduce((n, t) => n + Math.max(0.25, t.hours), 0)
        const used = new Set(list.flatMap((t) => t.days)).size
        expect(used * change.people * change.hoursADay).toBeGreaterThanOrEqual(hours - 1e-6)
      }),
      { numRuns: 60 },
    )
  })
  it('a task moved by hand takes along what hangs on it, and no more', () => {
    const [was, is] = [plan(), plan({ moved: { 'soil:b': '2026-04-20' } })]
    const start = (list: ReturnType<typeof plan>, id: string) => list.find((t) => t.id === id)!.start
    expect(start(is, 'soil:b')).toBe('2026-04-20')
    expect(start(is, 'large:b') > start(was, 'large:b')).toBe(true)
    expect(start(is, 'weeds:b')).toBe(start(was, 'weeds:b'))
  })
  it('moved before what it waits for it begins as soon as it can', () =>
    expect(plan({ moved: { 'large:b': '2026-01-01' } })).toEqual(plan()))
  it('some tasks set the end, and slipping by the slack does not move it', () => {
    const list = plan()
    expect(list.some((t) => t.critical)).toBe(true)
    expect(list.filter((t) => !t.critical).every((t) => t.slackDays > 0)).toBe(true)
  })
  it('goes round wet ground and frost, and says so', () => {
    const wet = (day: string) => ({ ...mild(), day, rainMm: day < '2026-04-08' ? 20 : 0 })
    const clear = plan({}, wet).find((t) => t.stage === 'clear')!
    expect(clear.start >= '2026-04-08').toBe(true)
    expect(clear.moved.join()).toContain('waterlogged')
  })
  it('bulbs wait for autumn', () =>
    expect(plan().find((t) => t.stage === 'bulbs')!.start >= '2026-09-01').toBe(true))
  it('tasks that wait for one another are named', () => {
    const ring: Task[] = ['a', 'b'].map((id, i, all) => ({ ...tasks[0]!, id, name: id, after: [all[1 - i]!] }))
    expect(() =>
      planWorks({ tasks: ring, plan: EMPTY_SUPPLY.works, today: '2026-04-01', weather: mild, soil: 'loam' }),
    ).toThrow('waits for itself')
  })
})

describe('seasons', () => {
  it('over the new year', () => {
    const season = { from: '11-15', to: '02-10', why: '' }
    expect(firstIn(season, '2026-06-01')).toBe('2026-11-15')
    expect(firstIn(season, '2027-01-05')).toBe('2027-01-05')
    expect(firstIn(season, '2027-02-11')).toBe('2027-11-15')
  })
  it('a leap day is a day', () => {
    expect(firstIn({ from: '02-29', to: '03-10', why: '' }, '2028-01-01')).toBe('2028-02-29')
    expect(firstIn({ from: '02-29', to: '03-10', why: '' }, '2027-01-01')).toBe('2027-02-28')
  })
})

describe('the simulated weather', () => {
  it('is the same for the same garden and day, cold in winter and warm in summer of its own half of the earth', () => {
    for (const [place, winter, summer] of [
      [portLinnet, '2027-01', '2026-07'],
      [{ latitude: -41.4, lastFrost: '09-20', firstFrost: '05-12' }, '2026-07', '2027-01'],
    ] as const) {
      const at = simulatedWeather(place, 'g')
      const mean = (month: string) =>
        Array.from({ length: 28 }, (_, i) => at(`${month}-${String(i + 1).padStart(2, '0')}`)).reduce(
          (n, d) => n + (d.lowC + d.highC) / 56,
          0,
        )
      expect(at('2026-07-01')).toEqual(simulatedWeather(place, 'g')('2026-07-01'))
      expect(mean(summer) - mean(winter)).toBeGreaterThan(12)
    }
  })
  it('names heat', () =>
    expect(hindranceOn((day) => ({ ...mild(), day, highC: 33 }), '2026-07-01', 'loam')).toBe('heat'))
})

it('planting notes say what a kind asks, and something for every plant', () => {
  expect(plants.every((p) => plantingNotes(p).length > 0)).toBe(true)
  expect(plantingNotes(plant('galanthus-nivalis'))[0]).toContain('Two to three times as deep')
})
