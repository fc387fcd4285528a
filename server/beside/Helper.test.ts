import { mkdirSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Helper } from './Helper'

const file = fileURLToPath(new URL('../../node_modules/.cache/amber-helper.mjs', import.meta.url))
/** What a process does in these tests, by the name of its job. */
const program = `
const jobs = {
  twice: (n) => n * 2,
  copy: (given) => given,
  fail: () => { throw new Error('It was meant to.') },
  forever: () => { for (;;); },
  // Small texts fill the memory where only V8 itself asks for it: this ends a thread together with all others of its process.
  fill: () => { const kept = []; for (;;) kept.push(Object.keys(new Array(50000).fill(0))) },
  leave: () => process.exit(3),
}
process.on('message', ({ name, input }) => {
  try { process.send({ result: jobs[name](input) }) } catch (error) { process.send({ error: error.message }) }
})
process.on('disconnect', () => process.exit())
`
const started: Helper[] = []
const start = (mb = 60) => {
  const helper = new Helper(file, mb)
  started.push(helper)
  return helper
}
beforeAll(() => {
  mkdirSync(dirname(file), { recursive: true })
  writeFileSync(file, program)
})
afterAll(() => {
  for (const helper of started) helper.end()
})

describe('a process beside the server', () => {
  it('does one job after another, and takes and gives files, maps and days as they are', async () => {
    const helper = start()
    const given = { file: new Uint8Array(300_000).fill(7), letters: new Map([['a', 'AA']]), none: null }
    expect(await helper.work({ name: 'copy', input: given }, 5000)).toEqual({ result: given })
    expect(await helper.work({ name: 'twice', input: 21 }, 5000)).toEqual({ result: 42 })
    expect(helper.isSound).toBe(true)
  })
  it('ends alone where its memory is full, and says so', async () => {
    const helper = start(40)
    expect(await helper.work({ name: 'fill', input: 0 }, 60_000)).toBe('full')
    expect(helper.isSound).toBe(false)
  })
  it('is ended where it takes too long, or nobody waits for it any more', async () => {
    const late = start()
    expect(await late.work({ name: 'forever', input: 0 }, 200)).toBe('late')
    const [left, leaving] = [start(), new AbortController()]
    const waiting = left.work({ name: 'forever', input: 0 }, 60_000, leaving.signal)
    leaving.abort()
    await expect(waiting).rejects.toThrow('Nobody waits')
    await expect(start().work({ name: 'twice', input: 1 }, 5000, leaving.signal)).rejects.toThrow('Nobody waits')
    await expect.poll(() => [late.isSound, left.isSound]).toEqual([false, false])
  })
  it('passes on what a job throws, and rejects where the process leaves', async () => {
    await expect(start().work({ name: 'fail', input: 0 }, 5000)).rejects.toThrow('It was meant to.')
    await expect(start().work({ name: 'leave', input: 0 }, 5000)).rejects.toThrow('ended early (3)')
  })
})
