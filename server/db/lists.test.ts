import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { gardenSchema } from '../../core/model'
import { bedFacts } from '../../core/bed'
import { demoStore } from '../../tests/support/demoStore'
import { rename } from '../../tests/support/edits'
import { demo, demoBed, drift, testBed } from '../../tests/support/library'
import { saveEdits } from '../beside/bedEdits'
import { gardenSummaries, shownBed } from '../services/gardenSummaries'
import type { Db } from './Db'
import { bedCardsOf, findBedPicture, keepBedPicture } from './queries/bedCards'
import { insertBed, setBedRemoved } from './queries/beds'
import { gardenNames, insertGarden, setGardenRemoved } from './queries/gardens'
import { addDemo } from './seedDemo'

let db: Db
const garden = gardenSchema.parse(demo.garden)
beforeAll(async () => {
  db = await demoStore()
  for (let i = 0; i < 30; i++) {
    await insertGarden(db, `g${i}`, { ...garden, name: `Garden ${String(i).padStart(2, '0')}` })
    await insertBed(db, `b${i}`, `g${i}`, testBed({ name: i === 7 ? 'Harbour strip' : 'Bed' }))
  }
})
afterAll(() => db.close())

const ask = (change: Partial<Parameters<typeof gardenSummaries>[1]> = {}) =>
  gardenSummaries(db, { find: '', seen: null, from: 0, most: 10, ...change })
const names = async (change: Parameters<typeof ask>[0]) => (await ask(change)).list.map((g) => g.garden.value.name)

describe('the list of gardens', () => {
  it('comes in parts that follow one another and hold each garden once', async () => {
    const all: string[] = []
    for (let from = 0; from < 40; from += 10) all.push(...(await names({ from })))
    expect(all).toHaveLength(31)
    expect(new Set(all).size).toBe(31)
    expect(all[0]).toBe('Saltmarsh Row Library')
    expect((await ask()).total).toBe(31)
  })

  it('is narrowed by name, town or a bed, and to what may be seen', async () => {
    expect(await names({ find: 'garden 07' })).toEqual(['Garden 07'])
    expect(await names({ find: 'HARBOUR' })).toEqual(['Garden 07'])
    expect(await names({ find: 'port linnet', most: 50 })).toHaveLength(31)
    expect(await names({ find: "%' OR 1=1 --" })).toEqual([])
    expect(await names({ seen: ['g3'] })).toEqual(['Garden 03'])
    expect(await names({ seen: [] })).toEqual([])
    expect(await gardenNames(db, ['g3', 'g4'])).toHaveLength(2)
  })

  it('says of beds what they say of themselves, as of their last save, and leaves removed ones out', async () => {
    await insertBed(db, 'planted', 'g0', testBed({ name: 'P', drifts: [drift('a', 'hosta-halcyon', 1, 3, 4)] }))
    const card = async () => (await bedCardsOf(db, ['g0'])).get('g0')!.find((b) => b.id === 'planted')
    expect((await card())!.facts).toMatchObject({ drifts: 1, plants: 4, lengthM: 10, depthM: 3 })
    await saveEdits(db, 'planted', 1, [
      { id: 'more', how: 'edit', edit: { kind: 'changeDrift', driftId: 'a', change: { count: 9 } } },
    ])
    expect((await card())!.facts.plants).toBe(9)
    // One of an older version has none yet: they are worked out when it is first listed.
    await db.query("UPDATE bed SET facts = NULL WHERE id = 'planted'")
    expect((await card())!.facts.plants).toBe(9)
    expect(await db.query("SELECT facts->'plants' AS n FROM bed WHERE id = 'planted'")).toEqual([{ n: 9 }])
    await setBedRemoved(db, 'planted', true)
    expect(await card()).toBeUndefined()
  })

  it('counts the plants of repeated parts in each of them', () => {
    const court = demoBed('story-court')
    const once = court.drifts.reduce((n, d) => n + d.count, 0)
    expect(bedFacts(court)).toMatchObject({ kind: 'court' })
    expect(bedFacts(court).plants % once).toBe(0)
    expect(bedFacts(court).plants).toBeGreaterThan(once)
  })
})

describe('a bed’s picture', () => {
  it('is kept while it shows the bed as it is, and asked for anew when bed, site or brief change', async () => {
    const card = async () =>
      (await bedCardsOf(db, ['saltmarsh-row'])).get('saltmarsh-row')!.find((b) => b.id === 'bell-island')!
    const before = await card()
    expect(before.hasPicture).toBe(false)
    const picture = { shows: before.shows, mediaType: 'image/jpeg', bytes: new Uint8Array([255, 216, 255, 1]) }
    expect(await keepBedPicture(db, 'bell-island', picture)).toBe(true)
    expect((await card()).hasPicture).toBe(true)
    expect((await findBedPicture(db, 'bell-island'))!.bytes).toEqual(picture.bytes)
    await saveEdits(db, 'bell-island', before.revision, [rename('Bell island, renamed')])
    expect((await card()).hasPicture).toBe(false)
    expect(await keepBedPicture(db, 'bell-island', picture)).toBe(false)
  })

  it('is drawn from the bed as its site has it', async () => {
    expect((await shownBed(db, 'reading-room-front'))!.bed.wall).toMatchObject({ heightM: 3.9 })
    expect(await shownBed(db, 'nowhere')).toBeNull()
  })
})

it('the demo comes beside what is there, or back from the trash', async () => {
  expect(await addDemo(db, demo)).toEqual([])
  await setGardenRemoved(db, 'saltmarsh-row', true)
  expect(await names({ find: 'saltmarsh' })).toEqual([])
  await addDemo(db, demo)
  expect(await names({ find: 'saltmarsh' })).toEqual(['Saltmarsh Row Library'])
})
