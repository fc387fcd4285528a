import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { strFromU8, unzipSync } from 'fflate'
import type { LogEntry } from '../../core/model'
import { sendLogSchema } from '../../shared/wire'
import { findSupply } from './queries/supplies'
import { blankEntry, joinEntries } from '../../core/log'
import { demoStore } from '../../tests/support/demoStore'
import { library } from '../../tests/support/library'
import { packGarden } from '../beside/packGarden'
import { unpackGarden } from '../beside/unpackGarden'
import type { Db } from './Db'
import { findDrawing } from './queries/drawings'
import { joinStoredLog, listLog } from './queries/logEntries'
import { seedHistory } from './seedHistory'

let db: Db
const GARDEN = 'saltmarsh-row'
const history = new URL('../../data/demo-history/', import.meta.url)
const PHOTO = 'drawn-reading-room-front-0-06'
beforeAll(async () => {
  db = await demoStore()
  const photo = new Uint8Array(readFileSync(new URL(`${PHOTO}.jpg`, history)))
  const years: unknown = JSON.parse(readFileSync(new URL('saltmarsh-row.json', history), 'utf8'))
  await seedHistory(db, years, new Map([[PHOTO, photo]]))
})
afterAll(() => db.close())

const entry = (id: string, changed: string, said: Partial<LogEntry> = {}): LogEntry => ({
  ...blankEntry({
    id,
    day: '2026-05-01',
    kind: 'thought',
    changed: `2026-05-01T${changed}:00.000Z`,
    device: 'one',
  }),
  ...said,
})

describe('the demo history', () => {
  it('holds three invented years with deaths, a wrong colour, a bargain, a trial, moves and drawn photos', async () => {
    const log = await listLog(db, GARDEN)
    expect(new Set(log.map((e) => e.day.slice(0, 4)))).toEqual(new Set(['2024', '2025', '2026']))
    for (const kind of ['died', 'wrong colour', 'moved', 'divided', 'tallest'])
      expect(log.some((e) => e.kind === kind)).toBe(true)
    expect(log.some((e) => e.trial)).toBe(true)
    expect(log.every((e) => e.photoId === '' || e.drawn)).toBe(true)
    expect(log.every((e) => e.weather !== null)).toBe(true)
    expect((await findSupply(db, GARDEN)).value.care.planted).toBe(2024)
    // What the demo holds is what the wire takes.
    expect(sendLogSchema.safeParse({ entries: log }).error).toBeUndefined()
  })
})

describe('entries of two devices', () => {
  it('join in the database as they do in the browser, in whichever order they come', async () => {
    const one = [entry('a', '09:00', { note: 'first' }), entry('b', '10:00', { note: 'mine' })]
    const two = [
      entry('a', '09:30', { note: 'later', device: 'two' }),
      entry('b', '10:00', { note: 'theirs', device: 'two' }),
      entry('a', '08:00', { note: 'early', device: 'two' }),
    ]
    await joinStoredLog(db, GARDEN, two)
    await joinStoredLog(db, GARDEN, one)
    await joinStoredLog(db, GARDEN, two)
    const plain = (list: readonly LogEntry[]) => list.map((e) => `${e.id} ${e.note} ${e.device}`).sort()
    const stored = (await listLog(db, GARDEN)).filter((e) => e.id === 'a' || e.id === 'b')
    expect(plain(stored)).toEqual(plain(joinEntries(one, two)))
  })
  it('keep what was taken out, and say so', async () => {
    await joinStoredLog(db, GARDEN, [entry('a', '11:00', { gone: true })])
    expect((await listLog(db, GARDEN)).find((e) => e.id === 'a')).toMatchObject({ gone: true })
  })
})

describe('the archive', () => {
  it('carries the log with its photos as files, and brings both back under new ids', async () => {
    const zip = (await packGarden(db, GARDEN))!
    const files = unzipSync(zip)
    expect(Object.keys(files)).toContain(`drawings/${PHOTO}.jpg`)
    const json = JSON.parse(strFromU8(files['garden.json']!)) as { log: LogEntry[] }
    const before = await listLog(db, GARDEN)
    expect(json.log).toHaveLength(before.length)
    const id = (await unpackGarden(db, zip, { library })).id!
    const after = await listLog(db, id)
    expect(after.map((e) => `${e.day}${e.kind}${e.note}`).sort()).toEqual(
      before.map((e) => `${e.day}${e.kind}${e.note}`).sort(),
    )
    const photo = after.find((e) => e.photoId !== '')!
    expect(photo.photoId).not.toBe(PHOTO)
    expect((await findDrawing(db, photo.photoId))!.bytes.length).toBeGreaterThan(5000)
    expect(after.every((e) => e.bedId === '' || !before.some((b) => b.bedId === e.bedId))).toBe(true)
  })
})

describe('what the wire takes', () => {
  it('names what is wrong in an entry', () => {
    const bad = sendLogSchema.safeParse({ entries: [{ ...entry('a', '09:00'), day: '2026-02-30' }] })
    expect(bad.error!.issues[0]!.message).toContain('2026-05-08')
    const kind = sendLogSchema.safeParse({ entries: [{ ...entry('a', '09:00'), kind: 'sang' }] })
    expect(kind.error!.issues[0]!.message).toContain('first flower')
  })
})
