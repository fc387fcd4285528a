import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { climateOf, growingMonths, libraryMonth, placeMonth, placeMonths } from './climate'
import { monthSpan, PLACE_MONTHS } from './months'
import { seasonNumber, seasonsGrown } from './seasonsGrown'

const north = climateOf({ latitude: 44.6, lastFrost: '05-08', firstFrost: '10-14' })
const south = climateOf({ latitude: -41.4, lastFrost: '09-20', firstFrost: '05-12' })
const climates = fc
  .tuple(
    fc.double({ min: -66, max: 66, noNaN: true }),
    fc.integer({ min: 1, max: 12 }),
    fc.integer({ min: 1, max: 12 }),
  )
  .map(([latitude, a, b]) => climateOf({ latitude, lastFrost: monthDay(a), firstFrost: monthDay(b) }))
const monthDay = (m: number) => `${String(m).padStart(2, '0')}-15`

describe('months of the library and of the place', () => {
  it('are the same in the north and half a year apart in the south, both ways', () => {
    for (const m of PLACE_MONTHS) {
      expect(libraryMonth(m, north)).toBe(m)
      expect(placeMonth(libraryMonth(m, south), south)).toBe(m)
    }
    expect(placeMonths([6, 7, 8], south)).toEqual([12, 1, 2])
    expect(monthSpan(placeMonths([6, 7, 8], south))).toBe('Dec–Feb')
  })
})

describe('the frost-free season', () => {
  it('holds midsummer, wherever the frosts are written in the year', () => {
    expect(north.lastFrost).toBeCloseTo(5.23, 2)
    expect(north.firstFrost).toBeCloseTo(10.42, 2)
    expect(south.lastFrost).toBeCloseTo(3.61, 2)
    expect(south.firstFrost).toBeCloseTo(11.35, 2)
  })
  it('is the whole year where both frosts fall on one day, and wraps where it is longer than the summer half', () => {
    const mild = climateOf({ latitude: 40, lastFrost: '01-01', firstFrost: '01-01' })
    expect(mild.firstFrost - mild.lastFrost).toBe(12)
    const long = climateOf({ latitude: 36, lastFrost: '12-20', firstFrost: '12-10' })
    expect(long.lastFrost).toBeLessThan(1)
    expect(long.firstFrost - long.lastFrost).toBeGreaterThan(11)
  })
  it('gives growing months by the calendar of the place', () => {
    expect(growingMonths('05-08', '10-14')).toEqual([5, 6, 7, 8, 9])
    expect(growingMonths('09-20', '05-12')).toEqual([1, 2, 3, 4, 10, 11, 12])
    expect(growingMonths('03-05', '03-05')).toEqual([...PLACE_MONTHS])
  })
})

describe('growing seasons gone by', () => {
  it('a new year adds one, in either hemisphere and any climate, and time takes none back', () => {
    fc.assert(
      fc.property(climates, fc.integer({ min: 0, max: 20 }), (climate, year) => {
        let last = -1
        for (const month of PLACE_MONTHS) {
          const now = seasonsGrown({ month, year }, climate)
          expect(now).toBeGreaterThanOrEqual(Math.max(0, last) - 1e-9)
          expect(seasonsGrown({ month, year: year + 1 }, climate) - now).toBeCloseTo(1, 9)
          last = now
        }
        const newYear = seasonsGrown({ month: 1, year: year + 1 }, climate)
        // Half a month's growth at most lies between the middles of December and January.
        expect(newYear - last).toBeLessThan(0.7)
        expect(newYear).toBeGreaterThanOrEqual(last - 1e-9)
      }),
    )
  })
  it('nothing grows between December and January in the north, nor in July in the south', () => {
    expect(seasonsGrown({ month: 12, year: 0 }, north)).toBe(1)
    expect(seasonsGrown({ month: 1, year: 1 }, north)).toBe(1)
    expect(seasonsGrown({ month: 7, year: 1 }, south) - seasonsGrown({ month: 6, year: 1 }, south)).toBeCloseTo(
      0,
      9,
    )
    expect(seasonsGrown({ month: 1, year: 1 }, south)).toBeGreaterThan(seasonsGrown({ month: 12, year: 0 }, south))
  })
  it('the year of the library turns in July in the south', () => {
    expect(seasonNumber({ month: 6, year: 2 }, south)).toBe(2)
    expect(seasonNumber({ month: 7, year: 2 }, south)).toBe(3)
    expect(seasonNumber({ month: 12, year: 2 }, north)).toBe(2)
  })
})
