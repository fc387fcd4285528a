import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync, gzipSync } from 'node:zlib'
import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { memoryDb } from '../../tests/support/firstDatabase'
import { demoStore, storedMigrations } from '../../tests/support/demoStore'
import { rename } from '../../tests/support/edits'
import { testBed } from '../../tests/support/library'
import type { Db } from '../db/Db'
import { migrate } from '../db/migrate'
import { findBed, insertBed, setBedRemoved } from '../db/queries/beds'
import { insertDrawing } from '../db/queries/drawings'
import { gardenIds, setGardenRemoved } from '../db/queries/gardens'
import { saveSetting } from '../db/queries/settings'
import { emptyTrash, listTrash } from '../db/queries/trash'
import { saveEdits } from '../beside/bedEdits'
import { readBackup } from './backupFile'
import { listBackups, makeBackup, thinBackups } from './backups'
import { keptBackups } from './keptBackups'
import { countRows, restoreStore } from './restoreStore'
import { storeRows } from '../db/storeRows'
import { ALL_TABLES } from '../db/storeTables'

const folder = mkdtempSync(join(tmpdir(), 'amber-backup-'))
const migrations = storedMigrations()
const version = migrations[migrations.length - 1]!.number
let db: Db
beforeAll(async () => {
  db = await demoStore()
  await saveEdits(db, 'reading-room-front', 1, [rename('The front as it was')])
  await insertDrawing(db, 'saltmarsh-row', {
    id: 'picture',
    mediaType: 'image/png',
    bytes: new Uint8Array([137, 80, 0, 255]),
  })
})
afterAll(async () => {
  await db.close()
  rmSync(folder, { recursive: true, force: true })
})

const allRows = async (store: Db) => {
  const texts: string[] = []
  for await (const { table, rows } of storeRows(store)) texts.push(...rows.map((r) => table + r))
  return texts.sort()
}

describe('a backup', () => {
  it('knows every table there is', async () => {
    const rows = await db.query<{ name: string }>(
      "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = 'public'",
    )
    const named = [...ALL_TABLES, 'schema_version'].sort()
    expect(rows.map((r) => r.name).sort()).toEqual(named)
  })

  it('puts a store back row by row, whatever was done since', async () => {
    const before = await allRows(db)
    const { file, end } = { ...(await makeBackup(db, folder, { version, at: new Date('2026-05-08') })), end: true }
    expect(end).toBe(true)
    await saveEdits(db, 'reading-room-front', 2, [rename('Spoilt')])
    await setGardenRemoved(db, 'saltmarsh-row', true)
    await insertBed(db, 'later', 'saltmarsh-row', testBed())
    const done = await restoreStore(db, join(folder, file), migrations)
    expect(await allRows(db)).toEqual(before)
    expect(await countRows(db)).toMatchObject(done.rows)
    expect((await findBed(db, 'reading-room-front'))!.value.name).toBe('The front as it was')
  })

  it('holds no more of a long history at once than a part of it', async () => {
    const noise = (i: number) => Array.from({ length: 1500 }, (_, k) => Math.sin(i * 1500 + k).toString(36)).join()
    await db.query(
      `INSERT INTO bed_edit (bed_id, revision, id, how, name, edit, inverse)
       SELECT 'bell-island', i + 1000, 'long-' || i, 'edit', 'Long', jsonb_build_object('text', $1::text || i), '{}'
       FROM generate_series(1, 60) AS i`,
      [noise(1)],
    )
    const parts: number[] = []
    let rows = 0
    for await (const part of storeRows(db)) {
      parts.push(part.rows.reduce((n, r) => n + r.length, 0))
      rows += part.table === 'bed_edit' ? part.rows.filter((r) => r.includes('long-')).length : 0
    }
    expect(rows).toBe(60)
    expect(parts.reduce((n, p) => n + p, 0)).toBeGreaterThan(1_000_000)
    expect(Math.max(...parts)).toBeLessThan(700_000)
    await db.query("DELETE FROM bed_edit WHERE id LIKE 'long-%'")
  })

  it('of an older version is brought to the newest on the way', async () => {
    const older = await memoryDb()
    const upTo = migrations.filter((m) => m.number <= 11)
    await migrate(older, upTo)
    await older.query(`INSERT INTO own_plant (id, botanical_name, common_name, kind, cells)
      VALUES ('rosa-vetus', 'Rosa vetus', 'old rose', 'shrub', '{}')`)
    const path = join(folder, 'amber-terrace-2026-01-01-older.backup')
    const line = (v: object) => `${JSON.stringify(v)}\n`
    const [row] = await older.query<{ row: Record<string, unknown> }>('SELECT to_jsonb(p) AS row FROM own_plant p')
    const text =
      line({ format: 'amber-terrace-backup', version: 11, at: '2026-01-01' }) +
      line({ table: 'own_plant', rows: [row!.row] })
    const { createHash } = await import('node:crypto')
    const sha256 = createHash('sha256').update(text).digest('hex')
    writeFileSync(path, gzipSync(text + line({ end: true, rows: { own_plant: 1 }, gardens: [], sha256 })))
    const fresh = await demoStore()
    await restoreStore(fresh, path, migrations)
    expect(await fresh.query('SELECT id, removed_at FROM own_plant')).toEqual([
      { id: 'rosa-vetus', removed_at: null },
    ])
    await older.close()
    await fresh.close()
  })

  it('that is broken in any way changes nothing', async () => {
    const { file } = await makeBackup(db, folder, { version, at: new Date('2026-05-09') })
    const whole = readFileSync(join(folder, file))
    const text = gunzipSync(whole).toString('utf8')
    const before = await allRows(db)
    const bad = join(folder, 'bad')
    const cases: [Buffer, RegExp][] = [
      [whole.subarray(0, whole.length / 2), /cut short/],
      [Buffer.from('not a backup'), /not a backup/],
      [gzipSync(text.replace('The front as it was', 'The front as it WAS')), /does not hold what it says/],
      [gzipSync(text.split('\n').slice(0, -2).join('\n')), /cut short/],
      [gzipSync(text.replace(`"version":${version}`, '"version":9999')), /newer|does not hold/],
      [gzipSync(text.replace('{"table":"garden"', '{"table":"pg_authid"')), /not known here/],
    ]
    for (const [bytes, says] of cases) {
      writeFileSync(bad, bytes)
      await expect(restoreStore(db, bad, migrations)).rejects.toThrow(says)
    }
    await expect(readBackup(join(folder, 'none'), () => undefined)).rejects.toThrow(/not a backup/)
    expect(await allRows(db)).toEqual(before)
  })

  it('of many days: those the rule keeps stay, others go', async () => {
    const days = Array.from({ length: 60 }, (_, i) => new Date(Date.UTC(2026, 2, 1 + i)).toISOString().slice(0, 10))
    for (const day of days) writeFileSync(join(folder, `amber-terrace-${day}.backup`), 'x')
    await db.transaction((tx) => saveSetting(tx, 'backups', { daily: 3, weekly: 2, monthly: 2 }))
    await thinBackups(db, folder, '2026-05-10')
    const left = listBackups(folder).flatMap((b) => (b.file === `amber-terrace-${b.day}.backup` ? [b.day] : []))
    expect(left.sort()).toEqual(
      ['2026-04-26', '2026-04-28', '2026-04-29', '2026-05-08', '2026-05-09'].slice(-left.length),
    )
  })
})

describe('which backups are kept', () => {
  it('the newest of each day, week and month, never more than the rule says, and always the newest of all', () => {
    const day = fc
      .integer({ min: 0, max: 900 })
      .map((n) => new Date(Date.UTC(2024, 0, 1 + n)).toISOString().slice(0, 10))
    fc.assert(
      fc.property(fc.uniqueArray(day, { minLength: 1, maxLength: 80 }), (days) => {
        const rule = { daily: 7, weekly: 4, monthly: 6 }
        const kept = keptBackups(days, rule)
        const sorted = [...days].sort()
        expect(kept.size).toBeLessThanOrEqual(17)
        for (const d of sorted.slice(-7)) expect(kept.has(d)).toBe(true)
        for (const d of kept) expect(days).toContain(d)
      }),
    )
  })
})

describe('the trash', () => {
  it('lists what was removed, keeps it thirty days, and takes it then', async () => {
    await insertBed(db, 'old-bed', 'saltmarsh-row', testBed({ name: 'Old bed' }))
    await setBedRemoved(db, 'old-bed', true)
    expect(await listTrash(db)).toMatchObject([{ kind: 'bed', id: 'old-bed', name: 'Old bed' }])
    expect(await db.transaction(emptyTrash)).toBe(0)
    await db.query("UPDATE bed SET removed_at = now() - interval '31 days' WHERE id = 'old-bed'")
    expect(await db.transaction(emptyTrash)).toBe(1)
    expect(await listTrash(db)).toEqual([])
    expect(await gardenIds(db)).toEqual(['saltmarsh-row'])
  })

  it('a bed of a removed garden is not there to be saved', async () => {
    await setGardenRemoved(db, 'saltmarsh-row', true)
    expect(await saveEdits(db, 'reading-room-front', 2, [rename('No')])).toEqual({ kind: 'missing' })
    expect((await listTrash(db)).map((t) => t.kind)).toEqual(['garden'])
    await setGardenRemoved(db, 'saltmarsh-row', false)
    expect((await saveEdits(db, 'reading-room-front', 2, [rename('Yes')])).kind).toBe('saved')
  })
})
