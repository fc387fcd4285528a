import fc from 'fast-check'
import { expect, it } from 'vitest'
import { deliver } from '../../app/utils/deliver'

const refusal = (statusCode: number, message = 'no') =>
  Object.assign(new Error(message), { statusCode, data: { message } })

it('brings all but what is refused, and tells why', async () => {
  const taken: number[] = []
  const send = async (items: readonly number[]) => {
    if (items.includes(3)) throw refusal(422, 'Three is too many.')
    taken.push(...items)
    return taken.length
  }
  const done = await deliver([1, 2, 3, 4, 5], send)
  expect(taken).toEqual([1, 2, 4, 5])
  expect(done).toEqual({ answer: 4, waiting: [], refused: [3], why: 'Three is too many.' })
})

it('asks once where nothing is allowed, and never where there is no network', async () => {
  let asked = 0
  const send = (error: Error) => () => {
    asked++
    return Promise.reject(error)
  }
  const refused = await deliver([1, 2, 3], send(refusal(403, 'You may look, not write.')))
  expect(refused).toEqual({ answer: null, waiting: [], refused: [1, 2, 3], why: 'You may look, not write.' })
  expect(asked).toBe(1)
  for (const error of [new Error('offline'), refusal(500), refusal(429)]) {
    expect(await deliver([1, 2], send(error))).toEqual({ answer: null, waiting: [1, 2], refused: [], why: '' })
  }
})

it('loses and doubles nothing, whatever is refused and wherever the network ends', async () => {
  const many = fc.uniqueArray(fc.nat(50), { maxLength: 20 })
  await fc.assert(
    fc.asyncProperty(many, many, fc.nat(12), async (items, bad, answers) => {
      const taken: number[] = []
      let left = answers
      const done = await deliver(items, async (some) => {
        if (left-- <= 0) throw new Error('offline')
        if (some.some((n) => bad.includes(n))) throw refusal(422)
        taken.push(...some)
      })
      expect([...taken, ...done.waiting, ...done.refused].sort()).toEqual([...items].sort())
      expect(done.refused.every((n) => bad.includes(n))).toBe(true)
    }),
  )
})
