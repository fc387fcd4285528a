import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { unwrapWoff } from './unwrapWoff'

const woff = readFileSync('node_modules/@fontsource/inter/files/inter-latin-400-normal.woff')

describe('a font unpacked', () => {
  it('is a font of as many tables, each where its head says, with the sum it was written with', () => {
    const font = Buffer.from(unwrapWoff(woff))
    const count = woff.readUInt16BE(12)
    expect(font.readUInt32BE(0)).toBe(woff.readUInt32BE(4))
    expect(font.readUInt16BE(4)).toBe(count)
    for (let i = 0; i < count; i++) {
      const at = 12 + 16 * i
      const [tag, check, start, long] = [0, 4, 8, 12].map((by) => font.readUInt32BE(at + by)) as number[]
      expect(start! + long!).toBeLessThanOrEqual(font.length)
      let sum = 0
      for (let j = start!; j < start! + long!; j += 4) sum = (sum + font.readUInt32BE(j)) >>> 0
      // The head holds a sum of the whole file, set after its own was taken.
      if (tag !== 0x68656164) expect(sum).toBe(check)
    }
  })
  it('what is no web font stays as it is', () => {
    const other = Uint8Array.from([1, 2, 3])
    expect(unwrapWoff(other)).toBe(other)
  })
})
