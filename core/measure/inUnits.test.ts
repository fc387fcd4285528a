import fc from 'fast-check'
import { expect, it } from 'vitest'
import { inUnits } from './inUnits'
import { parseLength } from './parseLength'

const s = '\u202f'

it('puts every figure of a text into feet, inches, gallons, pounds and Fahrenheit, and leaves names alone', () => {
  const text =
    `Move 0.4${s}m right, from 1.2 to 16${s}m; mulch 6${s}cm, 12.4${s}m², 0.62${s}m³, 25${s}kg, 4${s}L, ` +
    `−3${s}°C, 12${s}mm, 8${s}m/s. Bed 3 m`
  expect(inUnits(text, 'imperial')).toBe(
    'Move 1′ 3½″ right, from 3′ 11″ to 52 ft; mulch 2½ in, 133 sq ft, 0.81 cu yd, 55 lb, 1.1 gal, 27 °F, 0.47 in, 18 mph. Bed 3 m',
  )
  expect(inUnits(text, 'metric')).toBe(text.replaceAll(s, ' '))
  expect(inUnits('A plain text', 'imperial')).toBe('A plain text')
  expect(inUnits(`2.4${s}bar, bags of 50${s}ℓ`, 'imperial')).toBe('35 psi, bags of 1.8 cu ft')
  expect(inUnits(`2.4${s}bar, bags of 50${s}ℓ`, 'metric')).toBe('2.4 bar, bags of 50 L')
})

it('no metre is left, and a length reads back to within a quarter of an inch', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1499 }), (cm) => {
      const words = inUnits(`${(cm / 100).toFixed(2)}${s}m`, 'imperial')
      expect(words).not.toMatch(/\dm|\d m\b/)
      const read = parseLength(words, 'imperial')
      expect(read.ok && Math.abs(read.value - cm / 100)).toBeLessThanOrEqual(0.00636)
    }),
  )
})
