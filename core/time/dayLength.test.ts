import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE_MONTHS } from './months'
import { dayLengthH } from './dayLength'

describe('length of the day', () => {
  // Published tables for 45° N: 15 January 9.1 h, 15 April 13.4 h, 15 June 15.6 h, 15 October 11.1 h.
  it.each([
    [1, 9.1],
    [4, 13.4],
    [6, 15.6],
    [10, 11.1],
  ])('at 45° N in month %i: %d h', (month, hours) =>
    expect(Math.abs(dayLengthH(month, 45) - hours)).toBeLessThan(0.15),
  )
  it('is about twelve hours at the equator all year, and turned half a year in the south', () => {
    for (const m of PLACE_MONTHS) {
      expect(Math.abs(dayLengthH(m, 0) - 12.1)).toBeLessThan(0.1)
      const turned = ((m + 5) % 12) + 1
      expect(Math.abs(dayLengthH(m, 44) - dayLengthH(turned, -44))).toBeLessThan(0.35)
    }
  })
  it('lies between none and a whole day anywhere', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...PLACE_MONTHS),
        fc.double({ min: -89, max: 89, noNaN: true }),
        (m, latitude) => {
          const hours = dayLengthH(m, latitude)
          expect(hours).toBeGreaterThanOrEqual(0)
          expect(hours).toBeLessThanOrEqual(24)
        },
      ),
    ))
})
