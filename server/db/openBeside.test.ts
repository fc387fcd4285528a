import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { Worker } from 'node:worker_threads'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { bundleWorker } from '../../scripts/bundleWorker'
import { FIRST, memoryDb } from '../../tests/support/firstDatabase'
import type { Db } from './Db'
import { openBeside } from './openBeside'
import { openPglite } from './openPglite'
import { troubleOf } from './storeTrouble'

// Where the thread finds its packages.
const thread = fileURLToPath(new URL('../../node_modules/.cache/amber-store.mjs', import.meta.url))
const folder = mkdtempSync(join(tmpdir(), 'amber-beside-'))
const database = join(folder, 'database')
let db: Db
let last: Worker
const start = () => (last = new Worker(thread))

beforeAll(async () => {
  await bundleWorker('store', thread)
  db = await openBeside(start, database, { first: FIRST })
  await db.query('CREATE TABLE kept (id int PRIMARY KEY, value jsonb)')
})
afterAll(async () => {
  await db.close()
  rmSync(folder, { recursive: true, force: true })
})

const ids = async () => (await db.query<{ id: number }>('SELECT id FROM kept ORDER BY id')).map((r) => r.id)

describe('the database in its thread', () => {
  it('answers as it does without one: figures, texts, times, bytes and JSON of any kind', async () => {
    const sql = `SELECT 1 AS n, 'x' AS t, now()::date AS day, '\\x00ff'::bytea AS bytes, ARRAY[1, 2] AS list, NULL AS none,
      '{"a": [1, null, "b"]}'::jsonb AS object, '"text"'::jsonb AS text, 'null'::json AS nothing, 2.5::float8 AS half`
    const lite = await memoryDb()
    const [beside] = await db.query(sql)
    expect(beside).toEqual((await lite.query(sql))[0])
    expect(beside).toMatchObject({ object: { a: [1, null, 'b'] }, text: 'text', nothing: null })
    const bound = 'SELECT $1::jsonb AS value, $2::text AS text, $3::bytea AS bytes'
    const params = ['{"k": "ü"}', null, new Uint8Array([1, 0, 255])]
    expect(await db.query(bound, params)).toEqual(await lite.query(bound, params))
    await lite.close()
  })

  it('keeps what a transaction wrote when it resolves, and nothing of it when it fails', async () => {
    const written = await db.transaction(async (tx) => {
      await tx.query('INSERT INTO kept VALUES ($1, $2::jsonb)', [1, '{}'])
      return (await tx.query('SELECT id FROM kept')).length
    })
    expect(written).toBe(1)
    const refused = db.transaction(async (tx) => {
      await tx.query('INSERT INTO kept VALUES (2, NULL)')
      throw new Error('Not this one.')
    })
    await expect(refused).rejects.toThrow('Not this one.')
    expect(await ids()).toEqual([1])
  })

  it('tells what was wrong with the code it has, and works on', async () => {
    const twice = db.transaction((tx) => tx.query('INSERT INTO kept VALUES (1, NULL)'))
    await expect(twice).rejects.toMatchObject({ code: '23505', table: 'kept' })
    await expect(db.query('SELECT nonsense')).rejects.toMatchObject({ code: '42703' })
    expect(await ids()).toEqual([1])
  })

  it('does transactions one after another, and nothing between their statements', async () => {
    const add = (id: number) =>
      db.transaction(async (tx) => {
        const before = await tx.query<{ n: number }>('SELECT count(*)::int AS n FROM kept')
        await new Promise((next) => setTimeout(next, 5))
        await tx.query('INSERT INTO kept VALUES ($1, NULL)', [id])
        return before[0]!.n
      })
    expect(await Promise.all([10, 11, 12].map(add))).toEqual([1, 2, 3])
  })

  it('holds nobody while a statement takes long', async () => {
    let turns = 0
    let done = false
    const long = db.query('SELECT sum(sqrt(i)) FROM generate_series(1, 1000000) AS i').then(() => (done = true))
    while (!done) {
      await new Promise((next) => setImmediate(next))
      turns++
    }
    await long
    expect(turns).toBeGreaterThan(20)
  })

  it('that breaks off is told in words, and opened again with all that was answered', async () => {
    const failed = db.transaction(async (tx) => {
      await tx.query('INSERT INTO kept VALUES (20, NULL)')
      await last.terminate()
      await tx.query('INSERT INTO kept VALUES (21, NULL)')
    })
    const error: unknown = await failed.catch((e: unknown) => e)
    expect(troubleOf(error)?.status).toBe(503)
    const waiting = db.query('SELECT pg_sleep(5)').catch((e: unknown) => troubleOf(e)?.status)
    await new Promise((next) => setTimeout(next, 50))
    await last.terminate()
    expect(await waiting).toBe(503)
    const [one, two] = await Promise.all([ids(), ids()])
    expect(one).toEqual([1, 10, 11, 12])
    expect(two).toEqual(one)
  })

  it('has what it answered on the disk, and says so when it is asked after its end', async () => {
    const other = await openBeside(start, join(folder, 'other'), { first: FIRST })
    await other.query('CREATE TABLE kept (id int)')
    await other.query('INSERT INTO kept VALUES (7)')
    await other.close()
    await expect(other.query('SELECT 1')).rejects.toThrow('The database has stopped')
    const again = await openPglite(join(folder, 'other'))
    expect(await again.query('SELECT id FROM kept')).toEqual([{ id: 7 }])
    await again.close()
  })
})
