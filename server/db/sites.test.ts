import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { readdir, readFile } from 'node:fs/promises'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { siteSchema } from '../../core/model'
import { findBrief, saveBrief } from './queries/briefs'
import { EMPTY_SITE } from '../../core/site'
import { EMPTY_BRIEF } from '../../core/brief'
import { archiveSchema } from '../../shared/archiveSchema'
import { pictureType } from '../../shared/pictureType'
import { bedSheet, SHEET_VIEWS } from '../../core/scene'
import { readPlants } from '../../core/plant'
import { memoryDb } from '../../tests/support/firstDatabase'
import { everyBed } from '../../tests/support/everyBed'
import { demo, drift, library, libraryCsv, testBed } from '../../tests/support/library'
import { sceneOfBed } from '../services/bedScene'
import { partsOfRows, rowsOfGarden } from '../services/gardenRows'
import { runDataSteps } from '../services/dataSteps'
import { writePaintsAsPdf } from '../services/pdfPen'
import { BrokenArchive } from '../archive/checkedList'
import { packGarden } from '../beside/packGarden'
import { unpackGarden } from '../beside/unpackGarden'
import type { Db } from './Db'
import { migrate, toMigrations } from './migrate'
import { insertBed } from './queries/beds'
import { ownPlantRows, upsertOwnPlants } from './queries/ownPlants'
import { findDrawing, insertDrawing } from './queries/drawings'
import { findGarden, gardenIds } from './queries/gardens'
import { listPlantChanges, savePlantChange } from './queries/plantChanges'
import { dropPlantPicture, listPlantPictures, savePlantPicture } from './queries/plantPictures'
import { findSite, saveSite } from './queries/sites'
import { seedDemo } from './seedDemo'

const folder = new URL('./migrations/', import.meta.url)
const png = new Uint8Array([
  0x89,
  0x50,
  0x4e,
  0x47,
  0x0d,
  0x0a,
  0x1a,
  0x0a,
  ...Array.from({ length: 80 }, (_, i) => (i * 3) % 256),
])
let db: Db
beforeAll(async () => {
  db = await memoryDb()
  await migrate(
    db,
    toMigrations(
      new Map(
        await Promise.all(
          (await readdir(folder)).map(
            async (name) => [name, await readFile(new URL(name, folder), 'utf8')] as const,
          ),
        ),
      ),
    ),
  )
  await seedDemo(db, demo)
})
afterAll(() => db.close())

describe('a site', () => {
  it('is kept whole, in its order, and empty where none was saved', async () => {
    const stored = await findSite(db, 'saltmarsh-row')
    expect(stored.value).toEqual(siteSchema.parse(demo.site))
    expect(stored.revision).toBe(1)
    expect(await findSite(db, 'nowhere')).toMatchObject({ revision: 0, value: EMPTY_SITE })
  })
  it('saves on the revision it knows, and refuses an older one without changing a thing', async () => {
    const before = await findSite(db, 'saltmarsh-row')
    const turned = { ...before.value, northDeg: 50 }
    expect(await db.transaction((tx) => saveSite(tx, 'saltmarsh-row', before.revision, turned))).toMatchObject({
      revision: before.revision + 1,
    })
    expect(await db.transaction((tx) => saveSite(tx, 'saltmarsh-row', before.revision, EMPTY_SITE))).toBeNull()
    expect((await findSite(db, 'saltmarsh-row')).value).toEqual(turned)
    expect(await db.transaction((tx) => saveSite(tx, 'saltmarsh-row', 0, EMPTY_SITE))).toBeNull()
  })
  it('keeps a drawing byte by byte, and tells a picture by its bytes', async () => {
    await insertDrawing(db, 'saltmarsh-row', { id: 'plan', mediaType: 'image/png', bytes: png })
    expect((await findDrawing(db, 'plan'))!.bytes).toEqual(png)
    expect(pictureType(png)).toBe('image/png')
    expect(pictureType(strToU8('<svg onload="x">'.padEnd(90)))).toBeNull()
  })
})

describe('stored data reworked by the program', () => {
  it('lays beds against the walls they lie along, once, and never again against what was decided since', async () => {
    const { value: site, revision } = await findSite(db, 'saltmarsh-row')
    const unlinked = { ...site, northDeg: 45, beds: site.beds.map((b) => ({ ...b, against: null })) }
    await db.transaction((tx) => saveSite(tx, 'saltmarsh-row', revision, unlinked))
    expect(await runDataSteps(db)).toEqual(['beds against walls'])
    const linked = (await findSite(db, 'saltmarsh-row')).value
    const front = linked.beds.find((b) => b.bedId === 'reading-room-front')
    expect(front).toMatchObject({ against: { thing: 'library', side: 0, alongM: 1 }, at: { x: 1, y: 0 } })
    expect(linked.things).toEqual(site.things)
    expect(await runDataSteps(db)).toEqual([])
  })
})

describe('a bed’s drawings from the server', () => {
  it('are made of what is stored: wall of the site, neighbours, and every plant; as PDF with its fonts', async () => {
    const plantsOf = () => Promise.resolve(library)
    const { parts } = partsOfRows((await rowsOfGarden(db, 'saltmarsh-row', plantsOf))!)
    const scene = sceneOfBed(parts, 'reading-room-front')!
    expect(scene.bed.wall).toMatchObject({ heightM: 3.9, material: 'brick' })
    expect(scene.neighbours.length).toBeGreaterThan(0)
    expect(sceneOfBed(parts, 'nowhere')).toBeNull()
    const file = async (path: string) => new Uint8Array(await readFile(new URL(path, import.meta.url)))
    const inter = await file('../../node_modules/@fontsource/inter/files/inter-latin-400-normal.woff')
    const fonts = { plain: inter, bold: inter, title: inter, 'title-bold': inter }
    const pages = SHEET_VIEWS.map((view) => bedSheet(scene, view, { month: 6, year: 5 }))
    const pdf = Buffer.from(await writePaintsAsPdf(pages, fonts)).toString('latin1')
    expect(pdf.slice(0, 5)).toBe('%PDF-')
    expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(2)
    expect(pdf).toContain('/FontFile2')
    for (const { scale } of pages) expect([25, 50, 75]).toContain(scale)
  })
})

describe('a garden archive', () => {
  it('comes back in as an equal garden, with ids of its own', async () => {
    const site = await findSite(db, 'saltmarsh-row')
    const withBase = {
      ...site.value,
      base: { drawingId: 'plan', name: 'survey.png', x: 0, y: 0, widthM: 20, heightM: 15 },
    }
    await db.transaction((tx) => saveSite(tx, 'saltmarsh-row', site.revision, withBase))
    const zip = (await packGarden(db, 'saltmarsh-row'))!
    const id = (await unpackGarden(db, zip, { library })).id!
    expect(id).not.toBe('saltmarsh-row')
    expect((await findGarden(db, id))!.value).toEqual((await findGarden(db, 'saltmarsh-row'))!.value)
    const beds = async (garden: string) => (await everyBed(db)).filter((b) => b.gardenId === garden)
    expect((await beds(id)).map((b) => b.value)).toEqual((await beds('saltmarsh-row')).map((b) => b.value))
    const copy = (await findSite(db, id)).value
    expect(copy.things).toEqual(withBase.things)
    expect(copy.beds.map((b) => b.bedId).sort()).toEqual((await beds(id)).map((b) => b.id).sort())
    expect((await findDrawing(db, copy.base!.drawingId))!.bytes).toEqual(png)
  })
  it('takes along own plants that stand only in a mix', async () => {
    const [head, first] = libraryCsv.split('\n')
    const own = readPlants(`${head}\n${first!.replace(/^[^,]+,[^,]+/, 'Rosa saltmarshensis,saltmarsh rose')}`)
    if (!own.ok) throw new Error('the row must read')
    await db.transaction((tx) => upsertOwnPlants(tx, ownPlantRows(own.rows)))
    const mix = { how: 'turns' as const, others: [{ plantId: own.plants[0]!.id, share: 0.5 }] }
    await insertBed(
      db,
      'mixed',
      'saltmarsh-row',
      testBed({ drifts: [{ ...drift('m', 'hosta-halcyon', 1, 3, 4), mix }] }),
    )
    const zip = unzipSync((await packGarden(db, 'saltmarsh-row'))!)
    const { plants } = JSON.parse(strFromU8(zip['garden.json']!)) as { plants: { botanical_name: string }[] }
    expect(plants.map((p) => p.botanical_name)).toContain('Rosa saltmarshensis')
  })
  it('takes nothing of a broken one in, and says what is wrong', async () => {
    const before = (await gardenIds(db)).length
    const good = {
      format: 'amber-terrace-garden',
      version: 1,
      garden: demo.garden,
      beds: [],
      site: EMPTY_SITE,
      plants: [],
      drawings: [],
    }
    const packed = (json: unknown) =>
      zipSync({ 'garden.json': strToU8(typeof json === 'string' ? json : JSON.stringify(json)) })
    const cases: [Uint8Array, RegExp][] = [
      [new Uint8Array([1, 2, 3]), /not a zip file/],
      [zipSync({ 'other.txt': strToU8('x') }), /no garden.json/],
      [packed('{'), /not JSON/],
      [packed({ ...good, version: 2 }), /newer Amber Terrace/],
      [packed({ ...good, garden: { ...(demo.garden as object), name: '' } }), /A name is needed/],
      [packed({ ...good, beds: [{ id: 'a', bed: { name: 'x' } }] }), /Nothing was taken in/],
      [packed({ ...good, drawings: [{ id: 'a', file: 'drawings/a.png', mediaType: 'image/png' }] }), /is missing/],
      [packed({ ...good, plants: [{ botanical_name: 'Rosa' }] }), /does not read/],
    ]
    for (const [bytes, says] of cases) await expect(unpackGarden(db, bytes, { library })).rejects.toThrow(says)
    await expect(unpackGarden(db, new Uint8Array(), { library })).rejects.toBeInstanceOf(BrokenArchive)
    expect((await gardenIds(db)).length).toBe(before)
    expect(archiveSchema.safeParse(good).success).toBe(true)
  })
})

describe('a brief and a garden’s own figures', () => {
  it('are kept, refused when stale, and go with the archive', async () => {
    const stored = await findBrief(db, 'saltmarsh-row')
    expect(stored.value.hoursAYear).toBe(60)
    expect(await saveBrief(db, 'saltmarsh-row', stored.revision, { ...stored.value, budget: 99 })).toMatchObject({
      revision: stored.revision + 1,
    })
    expect(await saveBrief(db, 'saltmarsh-row', stored.revision, EMPTY_BRIEF)).toBeNull()
    await savePlantChange(db, 'saltmarsh-row', 'nepeta-x-faassenii', { flower_height_m: '0.9' })
    const id = (await unpackGarden(db, (await packGarden(db, 'saltmarsh-row'))!, { library })).id!
    expect((await findBrief(db, id)).value.budget).toBe(99)
    const never = (await findBrief(db, id)).value.requirements.find((r) => r.trait === 'poison')!
    expect((await everyBed(db)).find((b) => b.id === never.beds[0])!.value.name).toBe('Story court')
    expect([...(await listPlantChanges(db, id))]).toEqual([['nepeta-x-faassenii', { flower_height_m: '0.9' }]])
    await savePlantChange(db, id, 'nepeta-x-faassenii', {})
    expect((await listPlantChanges(db, id)).size).toBe(0)
    expect((await findBrief(db, 'nowhere')).revision).toBe(0)
  })
  it('photos of plants replace one another, go with the archive, and leave nothing when taken away', async () => {
    const put = (id: string) =>
      db.transaction((tx) =>
        savePlantPicture(tx, 'saltmarsh-row', 'nepeta-x-faassenii', { id, mediaType: 'image/png', bytes: png }),
      )
    await put('photo-1')
    await put('photo-2')
    expect([...(await listPlantPictures(db, 'saltmarsh-row'))]).toEqual([['nepeta-x-faassenii', 'photo-2']])
    expect(await findDrawing(db, 'photo-1')).toBeNull()
    const id = (await unpackGarden(db, (await packGarden(db, 'saltmarsh-row'))!, { library })).id!
    const copy = (await listPlantPictures(db, id)).get('nepeta-x-faassenii')!
    expect(copy).not.toBe('photo-2')
    expect((await findDrawing(db, copy))!.bytes).toEqual(png)
    await dropPlantPicture(db, 'saltmarsh-row', 'nepeta-x-faassenii')
    expect((await listPlantPictures(db, 'saltmarsh-row')).size).toBe(0)
    expect(await findDrawing(db, 'photo-2')).toBeNull()
    expect(await findDrawing(db, copy)).not.toBeNull()
  })
  it('what stands in a bed comes back as it was', async () => {
    const lilac = (await everyBed(db)).find((b) => b.id === 'old-lilac-corner')!
    expect(lilac.value.existing.map((e) => e.fate)).toEqual([
      'cut-back',
      'divide',
      'keep',
      'move',
      'take-out',
      'reserve',
    ])
  })
})
