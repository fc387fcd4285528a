import { fstatSync, mkdirSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { syncTree } from './syncTree'

it('makes every file and folder last, the folders after what is in them, where it cannot be done at once', () => {
  const folder = mkdtempSync(join(tmpdir(), 'amber-sync-'))
  mkdirSync(join(folder, 'base', '1'), { recursive: true })
  const files = ['PG_VERSION', 'base/1/112', 'base/1/113', 'base/2']
  for (const file of files) writeFileSync(join(folder, file), file)
  const synced: number[] = []
  const note = (file: number) => synced.push(fstatSync(file).ino)
  syncTree(folder, note, () => false)
  const ino = (path: string) => statSync(join(folder, path)).ino
  expect(new Set(synced)).toEqual(new Set([...files, 'base/1', 'base', '.'].map(ino)))
  expect(synced.at(-1)).toBe(ino('.'))
  expect(synced.indexOf(ino('base'))).toBeGreaterThan(synced.indexOf(ino('base/1/113')))
  synced.length = 0
  syncTree(folder, note, () => true)
  expect(synced).toEqual([])
  syncTree(folder)
  rmSync(folder, { recursive: true })
})
