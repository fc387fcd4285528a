import fc from 'fast-check'
import { expect, it } from 'vitest'
import { once } from './once'

it('what follows from an object is worked out once, be it nothing, and by each object itself', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(undefined, null, 0, 'x'), { minLength: 1 }), (values) => {
      let worked = 0
      const keys = values.map((value) => ({ value }))
      const valueOf = once((key: { value: unknown }) => {
        worked += 1
        return key.value
      })
      expect([...keys, ...keys].map(valueOf)).toEqual([...values, ...values])
      expect(worked).toBe(values.length)
    }),
  )
})
it('what cannot be worked out is tried again', () => {
  let tries = 0
  const failing = once(() => {
    tries += 1
    throw new Error('not yet')
  })
  const key = {}
  expect(() => failing(key)).toThrow('not yet')
  expect(() => failing(key)).toThrow('not yet')
  expect(tries).toBe(2)
})
