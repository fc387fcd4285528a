import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { gardenSchema } from '../../core/model'
import { demo, testBed } from '../../tests/support/library'
import { migrated } from '../../tests/support/demoStore'
import { rename } from '../../tests/support/edits'
import { postgresPrograms, realPostgres, type RealPostgres } from '../../tests/support/realPostgres'
import { saveEdits } from '../beside/bedEdits'
import { guarded } from './guarded'
import { openPostgres } from './openPostgres'
import { findBed, insertBed } from './queries/beds'
import { gardenIds, insertGarden } from './queries/gardens'
import { seedDemo } from './seedDemo'

const bin = postgresPrograms()

describe.skipIf(!bin)('a PostgreSQL server with a pool', () => {
  let server: RealPostgres
  beforeAll(async () => {
    server = await realPostgres(bin!, ['max_connections=12', 'superuser_reserved_connections=1'])
  })
  afterAll(() => server.drop())

  it('six servers that start at once make the tables once and seed once', async () => {
    for (let round = 0; round < 3; round++) {
      const url = server.fresh(`starts${round}`)
      const dbs = await Promise.all(Array.from({ length: 6 }, () => openPostgres(url, 1)))
      const applied = await Promise.all(dbs.map(migrated))
      expect(applied.filter((names) => names.length > 0)).toHaveLength(1)
      expect((await Promise.all(dbs.map((db) => seedDemo(db, demo)))).filter(Boolean)).toHaveLength(1)
      expect(await gardenIds(dbs[0]!)).toEqual(['saltmarsh-row'])
      await Promise.all(dbs.map((db) => db.close()))
    }
  })

  it('saves of one bed from many connections follow one another, and each is answered once', async () => {
    const db = await openPostgres(server.fresh('saves'), 6)
    await migrated(db)
    await insertGarden(db, 'g', gardenSchema.parse(demo.garden))
    await insertBed(db, 'b', 'g', testBed())
    const answers = await Promise.all(
      Array.from({ length: 12 }, (_, i) => saveEdits(db, 'b', 1, [rename(`Name ${i}`)])),
    )
    expect(answers.filter((a) => a.kind === 'saved')).toHaveLength(1)
    expect(answers.filter((a) => a.kind === 'stale')).toHaveLength(11)
    expect((await findBed(db, 'b'))!.revision).toBe(2)
    await db.close()
  })

  it('two servers hear each other, not themselves, and again after the connection was cut', async () => {
    const url = server.fresh('bus')
    const [one, two] = [await openPostgres(url, 2), await openPostgres(url, 2)]
    const heard: string[] = []
    one.bus!.hear((text) => heard.push(`one ${text}`))
    two.bus!.hear((text) => heard.push(`two ${text}`))
    const says = async (text: string) => {
      await expect
        .poll(
          () => {
            one.bus!.send(text)
            return heard
          },
          { timeout: 15_000, interval: 200 },
        )
        .toContain(`two ${text}`)
    }
    await says('first')
    await one.query(
      "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE application_name = 'amber-terrace-bus'",
    )
    await says('second')
    expect(heard.filter((h) => h.startsWith('one'))).toEqual([])
    await Promise.all([one.close(), two.close()])
  })

  it('that has no connection left, and one that went away and came back, are told in words', async () => {
    const raised = ({ status, words }: { status: number; words: string }) => new Error(`${status} ${words}`)
    const url = server.fresh('limits')
    const many = await openPostgres(url, 12)
    await Promise.all(Array.from({ length: 12 }, () => many.query('SELECT pg_sleep(0.2)')))
    const late = await openPostgres(url, 1).catch((e: unknown) => e)
    expect(String(late)).toMatch(/does not take connections .*(too many clients|reserved)/)
    const db = guarded(many, raised)
    server.stop()
    await expect(db.query('SELECT 1')).rejects.toThrow(/^503 The database cannot be reached/)
    server.start()
    expect(await db.query('SELECT 1 AS one')).toEqual([{ one: 1 }])
    await db.close()
  })
})
