import fc from 'fast-check'
import { expect, it } from 'vitest'
import { deltaE, lighten, lightness, mix, saturation } from '.'

const colours = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`)

it('black and white are 100 apart, a colour is 0 from itself, and either way round is the same', () => {
  expect(deltaE('#000000', '#ffffff')).toBeCloseTo(100, 1)
  fc.assert(fc.property(colours, colours, (a, b) => {
    expect(deltaE(a, a)).toBe(0)
    expect(deltaE(a, b)).toBeCloseTo(deltaE(b, a), 9)
  }))
})
it('mixes from one end to the other', () => {
  fc.assert(fc.property(colours, colours, fc.double({ min: 0, max: 1, noNaN: true }), (a, b, u) => {
    expect(mix(a, b, 0)).toBe(a)
    expect(mix(a, b, 1)).toBe(b)
    expect(mix(a, b, u)).toMatch(/^#[0-9a-f]{6}$/)
  }))
})
it('lightens and darkens', () => {
  expect(lightness(lighten('#5f8a44', 0.1))).toBeGreaterThan(lightness('#5f8a44'))
  expect(lightness(lighten('#5f8a44', -0.1))).toBeLessThan(lightness('#5f8a44'))
  expect(saturation('#808080')).toBeLessThan(0.001)
  expect(saturation('#c2342c')).toBeGreaterThan(0.15)
})
