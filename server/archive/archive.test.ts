import { strToU8, unzipSync, zipSync } from 'fflate'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { gardenSchema } from '../../core/model'
import { EMPTY_SITE } from '../../core/site'
import { changedPlant, plantCells, readPlants } from '../../core/plant'
import { demoStore } from '../../tests/support/demoStore'
import { drift, demo, library, libraryCsv, testBed } from '../../tests/support/library'
import type { Db } from '../db/Db'
import { insertBed } from '../db/queries/beds'
import { insertDrawing } from '../db/queries/drawings'
import { gardenIds, insertGarden, setGardenRemoved } from '../db/queries/gardens'
import { findSite, saveSite } from '../db/queries/sites'
import { ownPlantRows, upsertOwnPlants } from '../db/queries/ownPlants'
import { OwnPlants } from '../beside/OwnPlants'
import { listPlantChanges } from '../db/queries/plantChanges'
import { listTrash } from '../db/queries/trash'
import { BrokenArchive } from './checkedList'
import { inflate } from './inflate'
import { packGarden } from '../beside/packGarden'
import { readArchive } from './readArchive'
import { unpackGarden } from '../beside/unpackGarden'

let db: Db
beforeAll(async () => {
  db = await demoStore()
})
afterAll(() => db.close())

const GOOD = {
  format: 'amber-terrace-garden',
  version: 1,
  garden: demo.garden,
  beds: [],
  site: EMPTY_SITE,
  plants: [],
  drawings: [],
}
const zipOf = (json: object) => zipSync({ 'garden.json': strToU8(JSON.stringify(json)) })
const wordsOf = (bytes: Uint8Array) => {
  try {
    readArchive(bytes)
  } catch (error) {
    expect(error).toBeInstanceOf(BrokenArchive)
    return (error as Error).message
  }
  return ''
}

describe('an archive that is made to be heavy', () => {
  const many = <T>(count: number, one: (i: number) => T) => Array.from({ length: count }, (_, i) => one(i))
  it.each([
    [
      '200,000 changes',
      { changes: Object.fromEntries(many(200_000, (i) => [`p${i}`, {}])) },
      /changes has 200000 entries/,
    ],
    ['300,000 ticks that are none', { ticks: many(300_000, () => ({})) }, /ticks has 300000 entries; 100000/],
    ['90,000 ticks that are none', { ticks: many(90_000, () => ({})) }, /ticks\.0:/],
    ['log entries that are none', { log: many(150_000, () => 1) }, /log\.0:/],
    ['201 beds', { beds: many(201, () => ({})) }, /beds has 201 entries; 200 is the most/],
    ['a list in place of a table', { letters: [] }, /letters must be a table/],
    ['a table in place of a list', { plants: {} }, /plants must be a list/],
    ['a name without end', { changes: { ['x'.repeat(10_000)]: {} } }, /a name of 10000 characters/],
  ])('%s: one sentence', (_, part, says) => {
    const words = wordsOf(zipOf({ ...GOOD, ...part }))
    expect(words).toMatch(says)
    expect(words.length).toBeLessThan(500)
  })

  it('is counted while it grows: what a zip says of its size is not believed', () => {
    const bomb = zipSync({ 'garden.json': new Uint8Array(80 * 1048576) }, { level: 9 })
    // The size it declares, in the local header and in the directory, becomes ten bytes.
    const view = new DataView(bomb.buffer)
    view.setUint32(22, 10, true)
    for (let i = bomb.length - 100; i < bomb.length - 4; i++)
      if (view.getUint32(i, true) === 0x02014b50) view.setUint32(i + 24, 10, true)
    expect(bomb.length).toBeLessThan(200_000)
    expect(wordsOf(bomb)).toMatch(/unpacked, it is larger than 40 MB/)
  })

  it('that is cut short at any place is refused', () => {
    const whole = zipOf(GOOD)
    const limits = { mostBytes: 1e6, mostFiles: 10, wanted: () => true }
    expect(inflate(whole, limits).ok).toBe(true)
    for (const share of [0, 0.1, 0.5, 0.7]) {
      const cut = inflate(whole.slice(0, Math.floor(whole.length * share)), limits)
      expect(!cut.ok && cut.error).toMatch(/cut short/)
    }
  })
})

it('an archive takes no picture of another garden along, whatever its plan points to', async () => {
  const png = new Uint8Array([137, 80, 78, 71, 13, 10, 26, 10])
  await insertGarden(db, 'other', gardenSchema.parse(demo.garden))
  await insertDrawing(db, 'other', { id: 'theirs', mediaType: 'image/png', bytes: png })
  const { value, revision } = await findSite(db, 'saltmarsh-row')
  const base = { drawingId: 'theirs', name: 'x', x: 0, y: 0, widthM: 5, heightM: 5 }
  await db.transaction((tx) => saveSite(tx, 'saltmarsh-row', revision, { ...value, base }))
  const files = unzipSync((await packGarden(db, 'saltmarsh-row'))!)
  expect(Object.keys(files).filter((f) => f.includes('theirs'))).toEqual([])
  await db.transaction((tx) => saveSite(tx, 'saltmarsh-row', revision + 1, value))
  await setGardenRemoved(db, 'other', true)
})

describe('an archive that fails in the middle', () => {
  it('leaves nothing, neither in the list nor in the trash', async () => {
    const zip = (await packGarden(db, 'saltmarsh-row'))!
    const before = [await gardenIds(db), await listTrash(db)]
    const count = async () => (await db.query<{ n: number }>('SELECT count(*)::int AS n FROM garden'))[0]!.n
    const gardens = await count()
    let many = 0
    const failing: Db = {
      ...db,
      transaction: (work) => {
        if (++many === 5) return Promise.reject(new Error('the power of the disk'))
        return db.transaction(work)
      },
    }
    await expect(unpackGarden(failing, zip, { library })).rejects.toThrow('the power of the disk')
    expect([await gardenIds(db), await listTrash(db)]).toEqual(before)
    expect(await count()).toBe(gardens)
  })
})

describe('plants of an archive', () => {
  const [header = '', first = ''] = libraryCsv.split('\n')
  const ownRow = (spread: string) => {
    const read = readPlants(`${header}\n${first.replace(/^[^,]+,[^,]+/, 'Rosa saltmarshensis,saltmarsh rose')}`)
    if (!read.ok) throw new Error('the row must read')
    const changed = changedPlant(read.plants[0]!, { spread_m: spread })
    if (!changed.ok) throw new Error(changed.error)
    return [{ plant: changed.plant, cells: changed.cells }]
  }
  const spreadHere = async () =>
    (await new OwnPlants(db).list()).find((p) => p.botanicalName === 'Rosa saltmarshensis')?.spreadM

  it('leave own plants of others and the library as they are: what differs is the new garden’s own, and is told first', async () => {
    await db.transaction((tx) => upsertOwnPlants(tx, ownPlantRows(ownRow('1.1'))))
    const plantId = 'rosa-saltmarshensis'
    await insertBed(db, 'rosy', 'saltmarsh-row', testBed({ drifts: [drift('r', plantId, 1, 3, 4)] }))
    const zip = (await packGarden(db, 'saltmarsh-row'))!
    await db.transaction((tx) => upsertOwnPlants(tx, ownPlantRows(ownRow('2.4'))))
    const before = await gardenIds(db)
    const said = await unpackGarden(db, zip.slice(), { library, dry: true })
    expect(said).toMatchObject({
      id: null,
      plants: { fresh: [], same: 0, differing: [{ name: 'Rosa saltmarshensis', columns: ['spread_m'] }] },
    })
    expect(await gardenIds(db)).toEqual(before)
    const { id } = await unpackGarden(db, zip.slice(), { library })
    expect(await spreadHere()).toBe(2.4)
    expect((await listPlantChanges(db, id!)).get(plantId)).toEqual({ spread_m: '1.1' })
    expect((await listPlantChanges(db, 'saltmarsh-row')).size).toBe(0)
  })

  it('of a library plant’s name do not overrule the library, and equal ones change nothing', async () => {
    const box = library.get('nepeta-x-faassenii')!
    const archive = (cells: object) => zipOf({ ...GOOD, plants: [cells] })
    const same = await unpackGarden(db, archive(plantCells(box)), { library })
    expect(same.plants).toEqual({ fresh: [], differing: [], same: 1 })
    const other = await unpackGarden(db, archive({ ...plantCells(box), spread_m: '0.99' }), { library })
    expect(other.plants.differing).toEqual([{ name: box.botanicalName, columns: ['spread_m'] }])
    expect((await new OwnPlants(db).list()).some((p) => p.id === box.id)).toBe(false)
    expect((await listPlantChanges(db, other.id!)).get(box.id)).toEqual({ spread_m: '0.99' })
    const fresh = await unpackGarden(db, archive({ ...plantCells(box), botanical_name: 'Nepeta linnetensis' }), {
      library,
    })
    expect(fresh.plants.fresh).toEqual(['Nepeta linnetensis'])
    expect((await new OwnPlants(db).list()).map((p) => p.botanicalName)).toContain('Nepeta linnetensis')
  })
})
