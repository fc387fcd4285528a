import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  climateFromDays,
  dayOfYear,
  grassWater,
  monthGrassWater,
  placeClimate,
  rainThatCounts,
  simulatedWeather,
  skyRadiation,
} from '.'

/** Radiation at the top of the air by month, MJ/m² a day, as it is tabulated, and the days of the year it is given for. */
const TABLED = {
  40: [15.0, 20.4, 27.2, 34.7, 39.7, 41.9, 40.8, 36.7, 30.0, 22.5, 16.3, 13.6],
  0: [36.2, 37.5, 37.9, 36.8, 34.8, 33.4, 33.9, 35.7, 37.2, 37.4, 36.3, 35.6],
}
const MIDDLES = [15, 46, 74, 105, 135, 162, 198, 228, 258, 288, 318, 344]
const within = (got: number, wanted: number, share: number) =>
  expect(Math.abs(got - wanted) / wanted, `${got} for ${wanted}`).toBeLessThan(share)
const place = { latitude: 44.6, lastFrost: '05-08', firstFrost: '10-14' }

describe('water that grass gives off', () => {
  it.each([40, 0] as const)('radiation at latitude %s is within 5 % of the table in every month', (latitude) => {
    TABLED[latitude].forEach((wanted, i) => within(skyRadiation(latitude, MIDDLES[i]!), wanted, 0.05))
  })
  it('is within 5 % of worked examples', () => {
    within(skyRadiation(-20, 246), 32.2, 0.05)
    within(grassWater(14.8, 26.6, 45.72, 196), 5.0, 0.05)
  })
  it('has its winter half a year later in the south', () => {
    for (const d of [15, 100, 200, 300]) within(skyRadiation(-35, ((d + 182) % 365) + 1), skyRadiation(35, d), 0.09)
  })
  it('is a number of at least nothing, more with heat, everywhere and always', () => {
    const any = fc.tuple(
      fc.double({ min: -40, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 25, noNaN: true }),
      fc.double({ min: -90, max: 90, noNaN: true }),
      fc.integer({ min: 1, max: 366 }),
    )
    fc.assert(
      fc.property(any, ([low, span, latitude, day]) => {
        const mm = grassWater(low, low + span, latitude, day)
        expect(mm).toBeGreaterThanOrEqual(0)
        expect(mm).toBeLessThan(20)
        expect(grassWater(low + 2, low + span + 2, latitude, day)).toBeGreaterThanOrEqual(mm - 1e-6)
      }),
    )
  })
  it('counts days through leap years', () => {
    expect([dayOfYear('2024-12-31'), dayOfYear('2025-12-31'), dayOfYear('2024-03-01')]).toEqual([366, 365, 61])
  })
})

describe('the climate of a place by month', () => {
  it('is what its weather is on the mean', () => {
    const table = placeClimate(place)
    const days = climateFromDays(simulatedWeather(place, 'a garden'), 2001, 12)
    table.forEach((m, i) => {
      expect(Math.abs(m.lowC - days[i]!.lowC)).toBeLessThan(1)
      expect(Math.abs(m.highC - days[i]!.highC)).toBeLessThan(1)
    })
    const year = (list: typeof table) => list.reduce((n, m) => n + m.rainMm, 0)
    within(year(days), year(table), 0.12)
    expect(monthGrassWater(table, 7, place.latitude)).toBeGreaterThan(monthGrassWater(table, 1, place.latitude) * 4)
  })
  it('counts less of much rain, and never more than fell', () => {
    expect(rainThatCounts(100)).toBeCloseTo(84)
    expect(rainThatCounts(250)).toBeCloseTo(150)
    fc.assert(
      fc.property(fc.double({ min: 0, max: 2000, noNaN: true }), (mm) => {
        expect(rainThatCounts(mm)).toBeLessThanOrEqual(mm + 1e-9)
        expect(rainThatCounts(mm)).toBeGreaterThanOrEqual(0)
      }),
    )
  })
})
