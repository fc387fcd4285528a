import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { build } from 'esbuild'
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { takeDataFolder } from './dataFolder'

const root = mkdtempSync(join(tmpdir(), 'amber-lock-'))
const program = join(root, 'take.mjs')
beforeAll(async () => {
  const contents = `
    import { takeDataFolder } from ${JSON.stringify(new URL('./dataFolder.ts', import.meta.url).pathname)}
    const [, , folder, at] = process.argv
    while (Date.now() < Number(at));
    try { takeDataFolder(folder); console.log('taken') } catch { console.log('refused') }
    // It holds what it took until all have tried.
    process.stdin.resume()`
  await build({
    stdin: { contents, resolveDir: root, loader: 'ts' },
    outfile: program,
    bundle: true,
    platform: 'node',
    format: 'esm',
  })
})
afterAll(() => rmSync(root, { recursive: true, force: true }))

/** Starts processes that try at the same instant; how many took the folder. */
async function race(folder: string, tries: number): Promise<number> {
  const at = String(Date.now() + 700)
  const children = Array.from({ length: tries }, () => spawn(process.execPath, [program, folder, at]))
  const said = await Promise.all(
    children.map(
      ({ stdout }) => new Promise<string>((done) => stdout.once('data', (d: Buffer) => done(d.toString().trim()))),
    ),
  )
  for (const { stdin } of children) stdin.end()
  await Promise.all(children.map((child) => once(child, 'exit')))
  expect(said.filter((s) => s !== 'taken' && s !== 'refused')).toEqual([])
  return said.filter((s) => s === 'taken').length
}

describe('the data folder', () => {
  it.each([
    ['nobody', null],
    ['a killed process', JSON.stringify({ pid: 4_000_000, started: '1' })],
    ['a broken lock', '{"pid": 12'],
  ])('after %s is taken by one of many that try at once', async (_, lock) => {
    for (let round = 0; round < 3; round++) {
      const folder = mkdtempSync(join(root, 'f-'))
      if (lock !== null) writeFileSync(join(folder, 'in-use.json'), lock)
      expect(await race(folder, 5)).toBe(1)
      expect(readdirSync(folder)).toEqual(['in-use.json'])
    }
  })

  it('is given back, and taken again', () => {
    const folder = mkdtempSync(join(root, 'g-'))
    const { release } = takeDataFolder(folder)
    expect(() => takeDataFolder(folder)).toThrow(/Another Amber Terrace \(process \d+\)/)
    release()
    expect(existsSync(join(folder, 'in-use.json'))).toBe(false)
    takeDataFolder(folder).release()
  })

  it('of a process that was killed is taken at once, though it is still listed', async () => {
    const folder = join(root, 'killed')
    const holder = spawn(process.execPath, [program, folder, '0'])
    await new Promise((done) => holder.stdout.once('data', done))
    expect(() => takeDataFolder(folder)).toThrow(`process ${holder.pid}`)
    process.kill(holder.pid!, 'SIGKILL')
    // Nothing is awaited: who started it cannot look after it, and it stays listed.
    while (!/\) [ZX] /.test(readFileSync(`/proc/${holder.pid}/stat`, 'utf8')));
    takeDataFolder(folder).release()
    await once(holder, 'exit')
  })

  it('that holds something else where the database should be is left alone', () => {
    const folder = mkdtempSync(join(root, 'h-'))
    mkdirSync(join(folder, 'database'))
    writeFileSync(join(folder, 'database', 'letters.txt'), 'not ours')
    expect(() => takeDataFolder(folder)).toThrow(/is not Amber Terrace’s database\. Move it away/)
    expect(readdirSync(folder)).toEqual(['database'])
  })
})
