import { describe, expect, it } from 'vitest'
import { plant } from '../../tests/support/library'
import { potLitres } from './potLitres'
import { boughtSize } from './size'

describe('the pot that a label names', () => {
  it.each([
    ['2 L', 2],
    ['10 L', 10],
    ['9 cm', 0.656],
    ['plug', 0.05],
    ['1 gal', 3.785],
    ['3 gal', 11.36],
    ['quart 9', 0.946],
    ['2 qt', 1.89],
    ['4 in', 0.944],
    ['3 1/2 in', 0.632],
    ['140 mm', 2.47],
  ])('%s', (label, litres) => expect(potLitres(label)).toBeCloseTo(litres, 2))
  it('bulbs and bare roots are none', () => {
    for (const label of ['10 bulbs', '1 tuber', 'bare root', '']) expect(potLitres(label)).toBeNull()
  })
  it('brings a larger plant the larger it is, in gallons as in litres', () => {
    const lilac = plant('syringa-vulgaris')
    const heights = ['9 cm', '2 L', '1 gal', '2 gal', '10 L', '15 gal'].map((label) => boughtSize(lilac, label))
    expect(heights).toEqual([...heights].sort((a, b) => a - b))
    expect(boughtSize(lilac, '10 L')).toBe(1)
    expect(boughtSize(lilac, '2 gal')).toBeGreaterThan(0.7)
  })
})
