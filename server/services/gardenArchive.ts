import { kindsOf, type Bed } from '../../core/bed'
import { randomUUID } from 'node:crypto'
import { strFromU8, strToU8, unzipSync, zipSync, type Unzipped } from 'fflate'
import type { Brief } from '../../core/brief'
import { linkBeds } from '../../core/garden'
import { plantFromCells, plantId, type PlantCells } from '../../core/plant'
import {
  archiveSchema,
  ARCHIVE_FILE,
  ARCHIVE_FORMAT,
  ARCHIVE_VERSION,
  type GardenArchive,
} from '../../shared/archiveSchema'
import { pictureType } from '../../shared/pictureType'
import { describeIssues } from '../../shared/wire'
import type { Db, Queryable } from '../db/Db'
import { insertBed, listBedsOf } from '../db/queries/beds'
import { findBrief, saveBrief } from '../db/queries/briefs'
import { findDrawing, insertDrawing, type Drawing } from '../db/queries/drawings'
import { findGarden, insertGarden } from '../db/queries/gardens'
import { listOwnCells, upsertOwnPlants } from '../db/queries/ownPlants'
import { listPlantChanges, savePlantChange } from '../db/queries/plantChanges'
import { listPlantPictures, savePlantPicture } from '../db/queries/plantPictures'
import { findSite, saveSite } from '../db/queries/sites'
import { issueKeys, listIssuedKeys } from '../db/queries/issuedKeys'
import { joinStoredLog, listLog } from '../db/queries/logEntries'
import { findSupply, saveSupply } from '../db/queries/supplies'
import { joinStoredTicks, listTicks } from '../db/queries/ticks'

const LARGEST_UNPACKED = 64 * 1024 * 1024

/** Every plant that a bed speaks of: in its drifts and their mixes, varied parts, its shortlist, its orders, and what stands there. */
const plantsNamedBy = (bed: Bed): string[] => [
  ...bed.drifts.flatMap(kindsOf),
  ...(bed.form.kind === 'court' ? (bed.form.variants ?? []).map((v) => v.withId) : []),
  ...bed.shortlist,
  ...bed.buying.map((b) => b.plantId),
  ...bed.existing.map((e) => e.plantId),
]

/** A garden with its beds, site, own plants and drawings as one zip; null when there is no such garden. */
export async function packGarden(db: Queryable, gardenId: string): Promise<Uint8Array | null> {
  const garden = await findGarden(db, gardenId)
  if (!garden) return null
  const beds = await listBedsOf(db, gardenId)
  const site = (await findSite(db, gardenId)).value
  const brief = await findBrief(db, gardenId)
  const supply = await findSupply(db, gardenId)
  const log = await listLog(db, gardenId)
  const logged = log.flatMap((e) => [e.plantId, e.toPlantId])
  const supplied = [...supply.value.lines, ...supply.value.trays].map((l) => l.plantId)
  const used = new Set([...beds.flatMap((b) => plantsNamedBy(b.value)), ...supplied, ...logged])
  const plants = (await listOwnCells(db)).filter((cells) => used.has(plantId(cells.botanical_name ?? '')))
  const pictures = Object.fromEntries(await listPlantPictures(db, gardenId))
  const kept: Drawing[] = []
  const photos = [...new Set(log.map((e) => e.photoId).filter((id) => id !== ''))]
  for (const id of [...(site.base ? [site.base.drawingId] : []), ...Object.values(pictures), ...photos])
    kept.push(...[await findDrawing(db, id)].filter((d) => d !== null))
  const drawings = kept.map((d) => ({
    id: d.id,
    file: `drawings/${d.id}.${d.mediaType === 'image/png' ? 'png' : 'jpg'}`,
    mediaType: d.mediaType as 'image/png',
  }))
  const archive: GardenArchive = archiveSchema.parse({
    format: ARCHIVE_FORMAT,
    version: ARCHIVE_VERSION,
    garden: garden.value,
    beds: beds.map((b) => ({ id: b.id, bed: b.value })),
    // A bed that lies against nothing says so: only archives of older versions leave it open.
    site: { ...site, beds: site.beds.map((b) => ({ ...b, against: b.against ?? null })) },
    brief: brief.revision > 0 ? brief.value : null,
    supply: supply.revision > 0 ? supply.value : null,
    letters: Object.fromEntries(await listIssuedKeys(db, gardenId)),
    ticks: await listTicks(db, gardenId),
    log,
    changes: Object.fromEntries(await listPlantChanges(db, gardenId)),
    plants,
    drawings,
    pictures,
  })
  return zipSync({
    [ARCHIVE_FILE]: strToU8(JSON.stringify(archive, null, 1)),
    ...Object.fromEntries(kept.map((d, i) => [drawings[i]!.file, d.bytes])),
  })
}

/** What is wrong with an archive, in words; nothing has been changed. */
export class BrokenArchive extends Error {}

/** Reads a zip and adds its garden as a new one, all of it or nothing; the new garden's id. Throws `BrokenArchive`. */
export async function unpackGarden(db: Db, bytes: Uint8Array): Promise<string> {
  const { archive, files } = readArchive(bytes)
  // Everything gets an id of its own: the same archive can be brought in twice.
  const ids = new Map(archive.beds.map((b) => [b.id, randomUUID() as string]))
  const gardenId = randomUUID()
  const drawings = archive.drawings.map((d): Drawing & { readonly from: string } => {
    const picture = files[d.file]
    if (!picture || pictureType(picture) !== d.mediaType)
      throw new BrokenArchive(`Nothing was taken in: ${d.file} is missing, or is not the picture it says.`)
    return { from: d.id, id: randomUUID(), mediaType: d.mediaType, bytes: picture }
  })
  const rows = archive.plants.map((cells) => ({
    cells: cells as PlantCells,
    plant: readPlant(cells as PlantCells),
  }))
  const base = archive.site.base && drawings.find((d) => d.from === archive.site.base!.drawingId)
  const site = {
    ...archive.site,
    beds: archive.site.beds.flatMap((b) => (ids.has(b.bedId) ? [{ ...b, bedId: ids.get(b.bedId)! }] : [])),
    base: archive.site.base && base ? { ...archive.site.base, drawingId: base.id } : null,
  }
  await db.transaction(async (tx) => {
    await insertGarden(tx, gardenId, archive.garden)
    for (const { id, bed } of archive.beds) await insertBed(tx, ids.get(id)!, gardenId, bed)
    const ofPlant = new Map(Object.entries(archive.pictures).map(([plant, drawing]) => [drawing, plant]))
    for (const drawing of drawings) {
      const plant = ofPlant.get(drawing.from)
      await (plant ? savePlantPicture(tx, gardenId, plant, drawing) : insertDrawing(tx, gardenId, drawing))
    }
    const ofId = new Map(archive.beds.map(({ id, bed }) => [ids.get(id)!, bed]))
    await saveSite(tx, gardenId, 0, linkBeds(site, ofId))
    if (archive.brief)
      await saveBrief(tx, gardenId, 0, {
        ...archive.brief,
        requirements: archive.brief.requirements.map((r) => ({
          ...r,
          beds: r.beds.flatMap((b) => ids.get(b) ?? []),
        })),
      } as Brief)
    if (archive.supply) await saveSupply(tx, gardenId, 0, archive.supply)
    await issueKeys(tx, gardenId, new Map(Object.entries(archive.letters)))
    const ticks = archive.ticks.flatMap((t) => (ids.has(t.bedId) ? [{ ...t, bedId: ids.get(t.bedId)! }] : []))
    await joinStoredTicks(tx, gardenId, ticks)
    const photo = new Map(drawings.map((d) => [d.from, d.id]))
    const log = archive.log.map((e) => ({
      ...e,
      bedId: ids.get(e.bedId) ?? '',
      photoId: photo.get(e.photoId) ?? '',
    }))
    await joinStoredLog(tx, gardenId, log)
    for (const [id, cells] of Object.entries(archive.changes)) await savePlantChange(tx, gardenId, id, cells)
    if (rows.length > 0) await upsertOwnPlants(tx, rows)
  })
  return gardenId
}

function readArchive(bytes: Uint8Array): { archive: GardenArchive; files: Unzipped } {
  let files: Unzipped
  let whole = 0
  try {
    files = unzipSync(bytes, {
      filter: (file) => {
        whole += file.originalSize
        if (whole > LARGEST_UNPACKED)
          throw new BrokenArchive(
            `Nothing was taken in: unpacked, the archive is larger than ${LARGEST_UNPACKED / 1048576} MB.`,
          )
        return file.name === ARCHIVE_FILE || file.name.startsWith('drawings/')
      },
    })
  } catch (error) {
    if (error instanceof BrokenArchive) throw error
    throw new BrokenArchive(
      'Nothing was taken in: that is not a zip file, or it is cut short. Export the garden again and try once more.',
    )
  }
  const text = files[ARCHIVE_FILE]
  if (!text)
    throw new BrokenArchive(
      `Nothing was taken in: the zip holds no ${ARCHIVE_FILE}, so it is not a garden archive.`,
    )
  let json: unknown
  try {
    json = JSON.parse(strFromU8(text))
  } catch {
    throw new BrokenArchive(`Nothing was taken in: ${ARCHIVE_FILE} is not JSON.`)
  }
  const parsed = archiveSchema.safeParse(json)
  if (!parsed.success) throw new BrokenArchive(`Nothing was taken in: ${describeIssues(parsed.error)}`)
  return { archive: parsed.data, files }
}

function readPlant(cells: PlantCells) {
  try {
    return plantFromCells(cells)
  } catch {
    throw new BrokenArchive(
      `Nothing was taken in: the plant “${cells.botanical_name ?? '?'}” in the archive does not read.`,
    )
  }
}
