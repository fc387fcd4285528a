import {
  cpSync,
  existsSync,
  fstatSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join, relative } from 'node:path'
import { afterAll, describe, expect, it, vi } from 'vitest'
import { gardenSchema } from '../../core/model'
import { FIRST } from '../../tests/support/firstDatabase'
import { rename } from '../../tests/support/edits'
import { migrated } from '../../tests/support/demoStore'
import { saveEdits } from '../beside/bedEdits'
import { openPglite } from './openPglite'
import { findBed, insertBed } from './queries/beds'
import { demo, testBed } from '../../tests/support/library'
import { insertGarden } from './queries/gardens'

const root = mkdtempSync(join(tmpdir(), 'amber-power-'))
afterAll(() => rmSync(root, { recursive: true, force: true }))

const filesOf = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile())
    .map((f) => join(f.parentPath, f.name))

/**
 * A disk with a memory: what was synced lasts, what was only written does not. After the power cut every file holds what it held when
 * it was last synced; one that never was is as it was at first, or empty.
 */
class Disk {
  private readonly lasting = new Map<string, Buffer>()
  private readonly pathOf = new Map<number, string>()
  syncs: string[] = []

  constructor(private readonly folder: string) {
    for (const path of filesOf(folder)) this.lasting.set(path, readFileSync(path))
  }

  readonly sync = (file: number) => {
    const { ino, size } = fstatSync(file)
    const known = this.pathOf.get(ino)
    const path = known && existsSync(known) ? known : filesOf(this.folder).find((p) => statSync(p).ino === ino)
    if (!path) return
    this.pathOf.set(ino, path)
    this.syncs.push(relative(this.folder, path))
    this.lasting.set(path, readFileSync(path).subarray(0, size))
  }

  readonly syncAll = (folder: string) => {
    for (const path of filesOf(folder)) this.lasting.set(path, readFileSync(path))
    this.syncs.push('all')
  }

  /** The folder as it is found after the power came back. */
  cut(into: string) {
    for (const path of filesOf(this.folder)) {
      const to = join(into, relative(this.folder, path))
      mkdirSync(dirname(to), { recursive: true })
      writeFileSync(to, this.lasting.get(path) ?? Buffer.alloc(0))
    }
    for (const empty of readdirSync(this.folder, { recursive: true, withFileTypes: true }))
      if (empty.isDirectory())
        mkdirSync(join(into, relative(this.folder, join(empty.parentPath, empty.name))), { recursive: true })
  }
}

describe('a power cut', () => {
  it('takes nothing that was answered: each save is synced before its answer, and is there again', async () => {
    const folder = join(root, 'database')
    const first = await openPglite(folder, { first: FIRST })
    await migrated(first)
    await insertGarden(first, 'g', gardenSchema.parse(demo.garden))
    await insertBed(first, 'b', 'g', testBed({ name: 'Before' }))
    await first.close()
    const start = join(root, 'start')
    cpSync(folder, start, { recursive: true })

    const disk = new Disk(folder)
    const db = await openPglite(folder, { sync: disk.sync })
    expect(await db.query('SHOW fsync')).toEqual([{ fsync: 'on' }])
    expect(await db.query('SHOW synchronous_commit')).toEqual([{ synchronous_commit: 'on' }])
    const SAVES = 25
    for (let i = 1; i <= SAVES; i++) {
      disk.syncs = []
      const saved = await saveEdits(db, 'b', i, [rename(`Name ${i}`)])
      expect(saved.kind).toBe('saved')
      expect(disk.syncs.filter((p) => p.startsWith('pg_wal'))).not.toEqual([])
    }
    const found = join(root, 'found')
    disk.cut(join(root, 'after'))
    disk.cut(found)
    await db.close()

    const again = await openPglite(found)
    const bed = (await findBed(again, 'b'))!
    expect([bed.value.name, bed.revision]).toEqual([`Name ${SAVES}`, SAVES + 1])
    await again.close()
  }, 120_000)

  it('is made good at once, not file by file; what that changes, and what is saved after it, lasts as well', async () => {
    const folder = join(root, 'after')
    const disk = new Disk(folder)
    // The files have lain there for a while.
    const now = vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 60_000)
    const db = await openPglite(folder, disk)
    now.mockRestore()
    expect(disk.syncs.filter((p) => p === 'all')).toHaveLength(1)
    expect(disk.syncs.length).toBeLessThan(filesOf(folder).length / 5)
    const { revision } = (await findBed(db, 'b'))!
    expect((await saveEdits(db, 'b', revision, [rename('After')])).kind).toBe('saved')
    const twice = join(root, 'twice')
    disk.cut(twice)
    await db.close()
    const again = await openPglite(twice)
    expect((await findBed(again, 'b'))!.value.name).toBe('After')
    await again.close()
  }, 120_000)

  it('would take it where syncing is left out: the test sees the difference', async () => {
    const folder = join(root, 'start')
    const disk = new Disk(folder)
    const db = await openPglite(folder, { sync: () => undefined })
    expect((await saveEdits(db, 'b', 1, [rename('Lost')])).kind).toBe('saved')
    const after = join(root, 'lost')
    disk.cut(after)
    await db.close()
    const again = await openPglite(after).catch(() => null)
    const found = again && (await findBed(again, 'b'))
    expect(found?.value.name).not.toBe('Lost')
    await again?.close()
  }, 120_000)
})
