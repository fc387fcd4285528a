import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { colourWords, isGreen } from './colourWords'
import { deltaE, lighten, lightness, mix, saturation } from './colour'
import { HARMONIES, nearestOf, proposeTheme } from './theme'
import { seenAs } from './vision'

const colours = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`)

it('black and white are 100 apart, a colour is 0 from itself, and either way round is the same', () => {
  expect(deltaE('#000000', '#ffffff')).toBeCloseTo(100, 1)
  fc.assert(
    fc.property(colours, colours, (a, b) => {
      expect(deltaE(a, a)).toBe(0)
      expect(deltaE(a, b)).toBeCloseTo(deltaE(b, a), 9)
    }),
  )
})
it('mixes from one end to the other', () => {
  fc.assert(
    fc.property(colours, colours, fc.double({ min: 0, max: 1, noNaN: true }), (a, b, u) => {
      expect(mix(a, b, 0)).toBe(a)
      expect(mix(a, b, 1)).toBe(b)
      expect(mix(a, b, u)).toMatch(/^#[0-9a-f]{6}$/)
    }),
  )
})
it('lightens and darkens', () => {
  expect(lightness(lighten('#5f8a44', 0.1))).toBeGreaterThan(lightness('#5f8a44'))
  expect(lightness(lighten('#5f8a44', -0.1))).toBeLessThan(lightness('#5f8a44'))
  expect(saturation('#808080')).toBeLessThan(0.001)
  expect(saturation('#c2342c')).toBeGreaterThan(0.15)
})

describe('themes', () => {
  it('are proposed from any backdrop by every harmony, in colours a screen has, with words for each', () => {
    fc.assert(
      fc.property(colours, fc.constantFrom(...HARMONIES), (base, harmony) => {
        const theme = proposeTheme(base, harmony)
        expect(theme.colours.length).toBeGreaterThanOrEqual(3)
        for (const c of theme.colours) {
          expect(c.colour).toMatch(/^#[0-9a-f]{6}$/)
          expect(colourWords(c.colour).length).toBeGreaterThan(2)
        }
      }),
    )
  })
  it('answer brick with blues, and turn from pale spring to deep autumn', () => {
    expect(proposeTheme('#a4573f', 'opposites').colours.some((c) => /blue|teal/.test(colourWords(c.colour)))).toBe(
      true,
    )
    const year = proposeTheme('#a4573f', 'spring-to-autumn')
    const light = (m: number) =>
      Math.max(...year.colours.filter((c) => c.months.includes(m)).map((c) => lightness(c.colour)))
    expect(light(4)).toBeGreaterThan(light(10))
  })
  it('know the nearest colour wanted in a month', () => {
    const theme = {
      harmony: 'opposites' as const,
      base: '#a4573f',
      colours: [
        { colour: '#6d2f48', months: [] },
        { colour: '#d99a3d', months: [9, 10] },
      ],
    }
    expect(nearestOf(theme, '#d99a3d', 10)!.distance).toBeLessThan(0.01)
    expect(nearestOf(theme, '#d99a3d', 5)!.colour).toBe('#6d2f48')
    expect(nearestOf({ ...theme, colours: [{ colour: '#d99a3d', months: [9] }] }, '#d99a3d', 1)).toBeNull()
  })
  it('names plain colours plainly', () => {
    for (const [colour, word] of [
      ['#ffffff', 'white'],
      ['#6d2f48', 'plum'],
      ['#f3ead2', 'cream'],
      ['#4f6fd0', 'blue'],
      ['#efd23f', 'yellow'],
      ['#cc2a35', 'red'],
      ['#6f9a4c', 'green'],
      ['#888888', 'grey'],
    ] as const)
      expect(colourWords(colour)).toContain(word)
    expect(isGreen('#6f9a4c')).toBe(true)
    expect(isGreen('#cc2a35')).toBe(false)
  })
  it('a red and a green that differ draw together for those without red or green', () => {
    const apart = (v: 'full' | 'no-green') => deltaE(seenAs('#c0453a', v), seenAs('#6f8a2f', v))
    expect(apart('no-green')).toBeLessThan(apart('full') * 0.6)
    fc.assert(
      fc.property(colours, (c) => {
        expect(seenAs(c, 'full')).toBe(c)
        expect(seenAs(c, 'no-blue')).toMatch(/^#[0-9a-f]{6}$/)
      }),
    )
  })
})
