import { mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, expect, it } from 'vitest'
import { gardenSchema } from '../../core/model'
import { FIRST } from '../../tests/support/firstDatabase'
import { migrated } from '../../tests/support/demoStore'
import { rename } from '../../tests/support/edits'
import { demo, demoBed } from '../../tests/support/library'
import { saveEdits } from '../beside/bedEdits'
import { openPglite } from './openPglite'
import { insertBed } from './queries/beds'
import { insertGarden } from './queries/gardens'
import { sweep } from './upkeep'

const root = mkdtempSync(join(tmpdir(), 'amber-upkeep-'))
afterAll(() => rmSync(root, { recursive: true, force: true }))

const journalMb = (folder: string) =>
  readdirSync(join(folder, 'pg_wal'))
    .map((f) => statSync(join(folder, 'pg_wal', f)))
    .reduce((n, s) => n + (s.isFile() ? s.size : 0), 0) / 1048576

it('a bed saved over and over takes the room of a few, and the journal is written off', async () => {
  const folder = join(root, 'database')
  const db = await openPglite(folder, { first: FIRST })
  await migrated(db)
  await insertGarden(db, 'g', gardenSchema.parse(demo.garden))
  await insertBed(db, 'b', 'g', demoBed('reading-room-front'))
  const sizeKb = async () =>
    (await db.query<{ n: number }>(`SELECT (pg_total_relation_size('bed') / 1024)::int AS n`))[0]!.n
  await sweep(db)
  const first = await sizeKb()
  let at = 1
  const save = async (times: number) => {
    for (let i = 0; i < times; i++) {
      await saveEdits(db, 'b', at, [rename(`Name ${at}`)])
      at++
    }
  }
  for (let i = 0; i < 4; i++) {
    await save(60)
    await sweep(db)
  }
  const swept = await sizeKb()
  await save(240)
  const unswept = await sizeKb()
  expect(swept - first).toBeLessThan((unswept - swept) / 2)
  expect(journalMb(folder)).toBeLessThan(64)
  await db.close()
}, 120_000)
