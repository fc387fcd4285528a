import { expect, it, vi } from 'vitest'
import type { Db } from './Db'
import { guarded } from './guarded'
import { troubleOf } from './storeTrouble'

it.each([
  [{ code: '53100', message: 'could not extend file' }, 507],
  [{ code: 'ENOSPC', message: 'write' }, 507],
  [{ message: 'PANIC: could not write to file "pg_wal/xlogtemp.42": No space left on device' }, 507],
  [{ code: 'ECONNREFUSED', message: 'connect' }, 503],
  [{ message: 'timeout exceeded when trying to connect' }, 503],
  [{ code: '53300', message: 'sorry, too many clients already' }, 503],
  [{ code: '23505', message: 'duplicate key' }, undefined],
])('%j is answered with %s', (error, status) => {
  expect(troubleOf(error)?.status).toBe(status)
})

it('a full disk refuses changes before they begin and lets everything be read', async () => {
  const db: Db = { query: vi.fn(() => Promise.resolve([])), transaction: vi.fn(), close: () => Promise.resolve() }
  const full = { status: 507 as const, words: 'no room' }
  const safe = guarded(db, ({ words }) => new Error(words), { before: () => full })
  await expect(safe.transaction(() => Promise.resolve(1))).rejects.toThrow('no room')
  await expect(safe.query('UPDATE bed SET name = $1', ['x'])).rejects.toThrow('no room')
  expect(await safe.query('SELECT 1')).toEqual([])
  expect(db.transaction).not.toHaveBeenCalled()
})
