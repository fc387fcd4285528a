import { expect, it } from 'vitest'
import { sameParts } from '../../app/utils/sameParts'

it('what says the same stays the same object, and an unchanged list the same list', () => {
  const before = [
    { id: 'a', n: 1 },
    { id: 'b', n: 2 },
  ]
  const key = (item: { id: string }) => item.id
  const copy = () => before.map((item) => ({ ...item }))
  expect(sameParts(before, copy(), key)).toBe(before)
  const [a, b] = sameParts(
    before,
    [
      { id: 'a', n: 1 },
      { id: 'b', n: 3 },
    ],
    key,
  )
  expect(a).toBe(before[0])
  expect(b).toEqual({ id: 'b', n: 3 })
  expect(sameParts(before, copy().reverse(), key)).toEqual([before[1], before[0]])
  expect(sameParts(before, copy().slice(1), key)[0]).toBe(before[1])
})
