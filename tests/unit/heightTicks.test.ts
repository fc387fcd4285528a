import fc from 'fast-check'
import { expect, it } from 'vitest'
import { heightTicks } from '../../app/utils/heightTicks'

it('rulers begin at the ground, rise by round steps and end within one of the top, in metres and in feet', () => {
  expect(heightTicks(1.6, 'metric').map((t) => t.words)).toEqual(['0 m', '0.5 m', '1 m', '1.5 m'])
  expect(heightTicks(3, 'imperial').map((t) => t.words)).toEqual(['0′', '4′', '8′'])
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 40, noNaN: true }),
      fc.constantFrom('metric', 'imperial'),
      (high, units) => {
        const ticks = heightTicks(high, units as 'metric')
        const step = (ticks[1]?.m ?? high) - ticks[0]!.m
        expect(ticks[0]!.m).toBe(0)
        expect(high - ticks.at(-1)!.m).toBeLessThan(Math.max(step, 0.62) + 1e-9)
        expect(ticks.length).toBeLessThan(24)
        for (const t of ticks) expect(t.words).toMatch(units === 'metric' ? /^[\d.]+ m$/ : /^\d+′$/)
      },
    ),
  )
})
