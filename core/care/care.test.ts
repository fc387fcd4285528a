import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { library, plant } from '../../tests/support/library'
import { shootsAgain, type Plant } from '../plant'
import { addDays, climateOf, daysBetween, monthFraction, type Climate } from '../time'
import { bloomOf } from './careRule'
import { CARE_RULES, careYear, dayOfPoint, type CaredBed, type CareTask } from './careYear'

const NORTH = { latitude: 44.6, lastFrost: '05-08', firstFrost: '10-14' }
const SOUTH = { latitude: -41.4, lastFrost: '10-20', firstFrost: '04-25' }
const north = climateOf(NORTH)
const bed = (plants: readonly Plant[], change: Partial<CaredBed> = {}): CaredBed => ({
  id: 'b',
  name: 'Front',
  plants: plants.map((p) => ({ plant: p, count: 3, places: ['a', 'b', 'c'], plantedYear: 0, isTurn: false })),
  handOvers: [],
  inPots: false,
  rabbits: true,
  deer: false,
  areaM2: 20,
  open: 0.2,
  frontM: 8,
  ...change,
})
const year = (
  plants: readonly Plant[],
  climate: Climate = north,
  age = 3,
  change: Partial<CaredBed> = {},
  zone = 6.5,
) => careYear({ beds: [bed(plants, change)], climate, zone, year: 2027, age })
const of = (tasks: readonly CareTask[], rule: string) => tasks.filter((t) => t.rule === rule)

describe('a year of care, by hand', () => {
  it('lilac flowers in May on old wood: cut from 1 June for four weeks', () => {
    const lilac = [...library.values()].find((p) => p.botanicalName.startsWith('Syringa meyeri'))!
    expect(lilac.flowerWood).toBe('old')
    const end = bloomOf(lilac)!.to
    const [prune] = of(year([lilac]), 'prune-old-wood')
    expect(prune!.opens).toBe(dayOfPoint(end, 2027))
    expect(Math.abs(daysBetween(prune!.opens, prune!.closes) - 28)).toBeLessThanOrEqual(2)
  })
  it('the same plant half a year later south of the equator', () => {
    const paniculata = plant('hydrangea-paniculata-tardiva')
    const [here] = of(year([paniculata]), 'prune-new-wood')
    const [there] = of(year([paniculata], climateOf(SOUTH)), 'prune-new-wood')
    // Last frosts on 8 May and 20 October: one and a half months before.
    expect(here!.best.slice(5, 7)).toBe('03')
    expect(there!.best.slice(5, 7)).toBe('09')
  })
  it('dahlias go out when nights hold, are lifted after the first frost and looked over each month', () => {
    const dahlia = [...library.values()].find((p) => p.botanicalName.startsWith("Dahlia 'Bishop"))!
    const tasks = year([dahlia])
    const [out] = of(tasks, 'set-out')
    const [lift] = of(tasks, 'lift')
    expect(out!.opens >= '2027-05-08').toBe(true)
    expect(lift!.best > '2027-10-14' && lift!.best < '2027-11-05').toBe(true)
    expect(of(tasks, 'store').length).toBeGreaterThanOrEqual(5)
    expect(of(tasks, 'store').at(-1)!.best.startsWith('2028')).toBe(true)
  })
  it('divided every so many years, in its own years alone', () => {
    const p = [...library.values()].find((q) => q.divideYears === 4 && q.lifeCycle === 'herbaceous')!
    expect([0, 1, 3, 4, 7, 8].map((age) => of(year([p], north, age), 'divide').length)).toEqual([0, 0, 0, 1, 0, 1])
  })
  it('what is planted later is cared for later, and turns are handed over', () => {
    const later = bed([], {
      plants: [{ plant: plant('nepeta-x-faassenii'), count: 5, places: [], plantedYear: 4, isTurn: false }],
      handOvers: [{ point: 5.5, goes: 'tulip', comes: 'geranium', count: 6, places: [] }],
    })
    const tasks = careYear({ beds: [later], climate: north, zone: 6, year: 2027, age: 3 })
    expect(tasks.filter((t) => t.plant)).toEqual([])
    expect(of(tasks, 'hand-over')[0]).toMatchObject({
      title: '6 tulip out, geranium in',
      best: '2027-05-16',
      minutes: 30,
    })
  })
  it('in its first year nothing is asked of a plant before it is there, and each task has an id of its own', () => {
    const grass = plant('calamagrostis-x-acutiflora-karl-foerster')
    expect(of(year([grass], north, 0), 'cut-down-spring')).toEqual([])
    expect(of(year([grass], north, 1), 'cut-down-spring')).toHaveLength(1)
    const twice = bed([], {
      plants: [0, 2].map((plantedYear) => ({ plant: grass, count: 2, places: [], plantedYear, isTurn: false })),
    })
    const ids = careYear({ beds: [twice], climate: north, zone: 6, year: 2027, age: 5 }).map((t) => t.id)
    expect(new Set(ids).size).toBe(ids.length)
  })
  it('points of the year become days, leap years and the turn of the year too', () => {
    expect(dayOfPoint(1, 2027)).toBe('2027-01-01')
    expect(dayOfPoint(2.99, 2028)).toBe('2028-02-29')
    expect(dayOfPoint(2.99, 2027)).toBe('2027-02-28')
    expect(dayOfPoint(13.5, 2027)).toBe('2028-01-16')
    expect(dayOfPoint(0.5, 2027)).toBe('2026-12-16')
  })
})

const all = [...library.values()]
const place = fc.record({
  latitude: fc.constantFrom(34, 44.6, 52, 60, -34, -41.4, -46),
  spring: fc.integer({ min: 70, max: 160 }),
  autumn: fc.integer({ min: 250, max: 330 }),
})
const climateFrom = ({ latitude, spring, autumn }: { latitude: number; spring: number; autumn: number }) => {
  const turn = latitude < 0 ? 182 : 0
  const at = (day: number) => addDays('2026-01-01', (day + turn) % 365).slice(5)
  return {
    frosts: { latitude, lastFrost: at(spring), firstFrost: at(autumn) },
    climate: climateOf({ latitude, lastFrost: at(spring), firstFrost: at(autumn) }),
  }
}
const someWhere = (
  check: (p: Plant, tasks: readonly CareTask[], c: Climate, at: ReturnType<typeof climateFrom>) => void,
) =>
  fc.assert(
    fc.property(
      fc.constantFrom(...all),
      place,
      fc.integer({ min: 0, max: 12 }),
      fc.boolean(),
      (p, where, age, inPots) => {
        const at = climateFrom(where)
        check(p, year([p], at.climate, age, { inPots }, 5), at.climate, at)
      },
    ),
    { numRuns: 400 },
  )

describe('every plant of the library, anywhere', () => {
  it('each window opens before its best day and closes after it, within a year', () =>
    someWhere((_, tasks) => {
      for (const t of tasks) {
        expect(t.opens <= t.best && t.best <= t.closes, `${t.id} ${t.opens} ${t.best} ${t.closes}`).toBe(true)
        expect(daysBetween(t.opens, t.closes)).toBeLessThan(200)
        expect(t.minutes).toBeGreaterThan(0)
        expect(t.why.length).toBeGreaterThan(20)
      }
    }))
  it('nothing that flowers on old wood is cut between midsummer, or four weeks after its flowers, and its next bloom', () => {
    for (const p of all.filter((q) => q.flowerWood === 'old' && q.flowerMonths.length > 0)) {
      const bloom = bloomOf(p)
      if (!bloom) continue
      const forbidden = Math.max(6.7, bloom.to + 1)
      const next = bloom.from > forbidden ? bloom.from : bloom.from + 12
      for (const t of year([p]).filter((q) => ['prune', 'clip', 'cut down'].includes(q.kind))) {
        const [from, to] = [t.opens, t.closes].map(
          (d) => monthFraction(d.slice(5)) + 12 * (Number(d.slice(0, 4)) - 2027),
        )
        expect(
          to! <= forbidden + 0.1 || from! >= next - 0.1,
          `${p.botanicalName} ${t.rule} ${t.opens}–${t.closes}`,
        ).toBe(true)
      }
    }
  })
  it('nothing tender stands out in frost', () =>
    someWhere((p, tasks, _, { frosts }) => {
      if (p.tender === null) return
      for (const t of of(tasks, 'set-out')) {
        // Days since the last frost before it, over the new year too.
        const since = [0, 1].map((back) =>
          daysBetween(`${Number(t.opens.slice(0, 4)) - back}-${frosts.lastFrost}`, t.opens),
        )
        const days = Math.min(
          ...since.filter((d) => d >= -180).map((d) => (d < -1 && since[1]! < 200 ? since[1]! : d)),
        )
        expect(days, `${p.botanicalName} ${t.opens}`).toBeGreaterThanOrEqual(-1)
      }
      for (const t of of(tasks, 'bring-in')) {
        const inYear = Number(t.closes.slice(0, 4))
        const until = [0, 1].map((on) => daysBetween(t.closes, `${inYear + on}-${frosts.firstFrost}`))
        expect(until.some((d) => d >= -1 && d < 300)).toBe(true)
      }
    }))
  it('evergreens are never cut to the ground unless they shoot again', () =>
    someWhere((p, tasks) => {
      if (p.retention !== 'evergreen' || shootsAgain(p)) return
      expect(tasks.filter((t) => t.kind === 'cut down')).toEqual([])
    }))
  it('clipping ends weeks before the first frost', () =>
    someWhere((_, tasks, __, { frosts }) => {
      for (const t of of(tasks, 'clip')) {
        const first = `${t.closes.slice(0, 4)}-${frosts.firstFrost}`
        const days = daysBetween(t.closes, first)
        expect(days > 20 || days < -100, `${t.closes} ${first}`).toBe(true)
      }
    }))
  it('a year later the same work has the same days', () =>
    someWhere((p, _, climate) => {
      const next = careYear({ beds: [bed([p])], climate, zone: 5, year: 2029, age: 0 })
      const now = careYear({ beds: [bed([p])], climate, zone: 5, year: 2027, age: 0 })
      // February is a day longer in a leap year.
      const days = (list: readonly CareTask[]) =>
        list.filter((t) => t.best.slice(5, 7) !== '02').map((t) => `${t.rule} ${t.best.slice(5)}`)
      expect(days(next)).toEqual(days(now))
    }))
  it('thorns, sap and height are minded where something is cut', () => {
    for (const p of all.filter(
      (q) => q.spines !== 'none' && q.pruningGroup !== 'none' && q.lifeCycle === 'woody',
    )) {
      const cuts = year([p]).filter((t) => ['prune', 'clip', 'deadhead'].includes(t.kind))
      for (const t of cuts) expect(t.cautions.join(' ')).toContain('gloves')
    }
  })
  it('each rule has somebody to work for', () => {
    const unused = new Set<string>(CARE_RULES.map((r) => r.id))
    for (const zone of [4, 5, 6, 8])
      for (const inPots of [false, true])
        for (const age of [1, 3, 4, 5, 6, 10]) {
          if (unused.size === 0) return
          for (const t of year(all, north, age, { inPots }, zone)) unused.delete(t.rule)
        }
    expect([...unused]).toEqual([])
  })
})
