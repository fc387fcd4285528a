import fc from 'fast-check'
import { expect, it } from 'vitest'
import { digest } from '../support/digest'

it('a digest tells apart what differs in kind, order, nesting or the fifth digit', () => {
  const values = [
    ...[0, 1, -1, 1.0001, 1e300, 1e-300, NaN, Infinity, -Infinity],
    ...['', '1', 'null', null, true, false],
    ...[
      [],
      {},
      [1, [2]],
      [[1], 2],
      [1, 2],
      [2, 1],
      [12],
      ['a', 'b'],
      ['ab'],
      { a: 1 },
      { a: 1, b: 2 },
      { b: 2, a: 1 },
    ],
  ]
  expect(new Set(values.map(digest)).size).toBe(values.length)
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true }), { minLength: 1 }),
      fc.nat(),
      (list, at) => {
        const i = at % list.length
        const other = list.with(i, list[i]! * 1.0001 + 1e-9)
        expect(digest(other)).not.toBe(digest(list))
      },
    ),
  )
})

it('a digest is the same for what is written the same', () => {
  expect(digest(new Map([['a', 1]]))).toBe(digest([['a', 1]]))
  expect(digest(Float64Array.of(1, 2))).toBe(digest([1, 2]))
  expect(digest({ a: 1, b: undefined })).toBe(digest({ a: 1 }))
  expect(digest([-0])).toBe(digest([0]))
  expect(digest(0.1 + 0.2)).toBe(digest(0.3))
})
