import fc from 'fast-check'
import { expect, it } from 'vitest'
import { bytesOfLines } from './bytesOfLines'

it('are the bytes of all lines, each ended, whatever letters they are of', () => {
  fc.assert(
    fc.property(fc.array(fc.string({ unit: 'grapheme' })), (lines) => {
      expect(Buffer.from(bytesOfLines(lines)).toString()).toBe(lines.map((l) => `${l}\n`).join(''))
    }),
  )
  const long = Array.from({ length: 40 }, (_, i) => `${i} é`.repeat(9000))
  expect(Buffer.from(bytesOfLines(long)).toString()).toBe(`${long.join('\n')}\n`)
})
