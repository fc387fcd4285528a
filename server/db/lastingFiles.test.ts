import {
  appendFileSync,
  closeSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout } from 'node:timers/promises'
import { expect, it, vi } from 'vitest'
import { isLasting, lastingFiles } from './lastingFiles'

it('tells what lies on the disk as it is: not what was written, cut, made or changed a moment before', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'amber-lasting-'))
  const at = (name: string) => join(folder, name)
  mkdirSync(at('base'))
  for (const name of ['same', 'written', 'cut', 'base/deep']) writeFileSync(at(name), name)
  await setTimeout(20)
  const told: string[] = []
  const note = (path: string) => void told.push(path)
  const soon = lastingFiles(folder, note)
  const clock = vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 60_000)
  const later = lastingFiles(folder, note)
  clock.mockRestore()
  expect(told).toEqual([folder, folder])

  appendFileSync(at('written'), '!')
  truncateSync(at('cut'), 1)
  writeFileSync(at('new'), 'new')
  const lasts = (files: typeof later, path: string) => {
    const file = openSync(path, 'r')
    const answer = isLasting(files, file)
    closeSync(file)
    return answer
  }
  expect(['same', 'base', 'base/deep'].map((name) => lasts(later, at(name)))).toEqual([true, true, true])
  // A file that is new changes its folder.
  expect(['written', 'cut', 'new', '.'].map((name) => lasts(later, at(name)))).toEqual([false, false, false, false])
  expect(lasts(soon, at('same'))).toBe(false)
  rmSync(folder, { recursive: true })
})
