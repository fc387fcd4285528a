import fc from 'fast-check'
import { expect, it } from 'vitest'
import { figures } from '../support/figures'

it('tells each named part with its least, mean and most', () => {
  const plants = [
    { x: 1, name: 'sage', crowded: false },
    { x: 2.5, name: 'sage', crowded: true },
  ]
  expect(figures(plants)).toBe('x 2 × 1 to 2.5, mean 1.75; name 2 × “sage”; crowded 1 of 2')
  expect(figures([])).toBe('')
  expect(figures(3.14159)).toBe('3.142')
  expect(figures([0.00001, -0.00001])).toBe('2 × 0 to 0, mean 0')
  expect(figures(['a', 'b', 'c', 'dd'])).toBe('4 texts of 4 kinds, 5 letters, from “a”')
  expect(figures(new Map([['a', 1]]))).toBe(figures([['a', 1]]))
})

it('a part that differs by a thousandth of its size is told otherwise', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.1, max: 1e6, noNaN: true }), { minLength: 1, maxLength: 9 }),
      (list) => {
        const other = list.map((n) => n * 1.002)
        expect(figures(other)).not.toBe(figures(list))
      },
    ),
  )
})
