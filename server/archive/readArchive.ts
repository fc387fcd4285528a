import { randomUUID } from 'node:crypto'
import { strFromU8 } from 'fflate'
import type { Bed, Brief } from '../../core/model'
import { bedFacts } from '../../core/bed'
import { linkBeds } from '../../core/garden'
import { slimEntry } from '../../core/log'
import { plantCells, plantFromCells, plantId, type PlantCells } from '../../core/plant'
import {
  ARCHIVE_FILE,
  ARCHIVE_LIMITS as MOST,
  archiveHeadSchema,
  archiveSchema,
  type GardenArchive,
} from '../../shared/archiveSchema'
import { pictureType } from '../../shared/pictureType'
import { describeIssues } from '../../shared/wire'
import { BrokenArchive, checkedList, checkedTable } from './checkedList'
import { inflate } from './inflate'
import { inParts, type ArchiveRows } from './archiveRows'

const LARGEST_UNPACKED = 40 * 1048576
/** The texts of an archive; pictures are the rest. */
const LARGEST_TEXT = 16 * 1048576
const MOST_FILES = 5100

/** Reads a garden archive into rows that are ready to be stored, under ids of their own. Throws `BrokenArchive`. */
export function readArchive(bytes: Uint8Array): ArchiveRows {
  const { head, lists, files } = readFile(bytes)
  // Everything gets an id of its own: the same archive can be brought in twice.
  const ids = new Map(lists.beds.map((b) => [b.id, randomUUID() as string]))
  const own = (bedId: string) => ids.get(bedId)
  const drawings = lists.drawings.map((d) => {
    const picture = files.get(d.file)
    if (!picture || pictureType(picture) !== d.mediaType)
      throw new BrokenArchive(`Nothing was taken in: ${d.file} is missing, or is not the picture it says.`)
    return { from: d.id, id: randomUUID() as string, mediaType: d.mediaType, bytes: picture }
  })
  const drawn = new Map(drawings.map((d) => [d.from, d.id]))
  const ofPlant = new Map(lists.pictures.map(([plant, drawing]) => [drawing, plant]))
  const base = head.site.base && drawn.get(head.site.base.drawingId)
  const site = {
    ...head.site,
    beds: head.site.beds.flatMap((b) => (own(b.bedId) ? [{ ...b, bedId: own(b.bedId)! }] : [])),
    base: head.site.base && base ? { ...head.site.base, drawingId: base } : null,
  }
  const bedOf = new Map<string, Bed>(lists.beds.map(({ id, bed }) => [own(id)!, bed]))
  const entry = (e: GardenArchive['log'][number]) =>
    slimEntry({ ...e, bedId: own(e.bedId) ?? '', photoId: drawn.get(e.photoId) ?? '' })
  const ticks = lists.ticks.flatMap((t) => (own(t.bedId) ? [{ ...t, bedId: own(t.bedId)! }] : []))
  return {
    gardenId: randomUUID(),
    garden: head.garden,
    beds: lists.beds.map(({ id, bed }) => ({
      id: own(id)!,
      name: bed.name,
      value: JSON.stringify(bed),
      facts: JSON.stringify(bedFacts(bed)),
    })),
    site: linkBeds(site, bedOf),
    brief: head.brief && ({ ...head.brief, requirements: requirementsOf(head.brief, own) } as Brief),
    supply: head.supply,
    letters: lists.letters,
    ticks: inParts(ticks),
    entries: lists.log.length,
    log: inParts(lists.log.map(entry)),
    changes: lists.changes,
    plants: lists.plants.map((cells) => readPlant(cells)),
    drawings: drawings.map((d) => ({ ...d, plantId: ofPlant.get(d.from) ?? null })),
  }
}

const requirementsOf = (brief: NonNullable<GardenArchive['brief']>, own: (id: string) => string | undefined) =>
  brief.requirements.map((r) => ({ ...r, beds: r.beds.flatMap((b) => own(b) ?? []) }))

function readFile(bytes: Uint8Array) {
  const unpacked = inflate(bytes, {
    mostBytes: LARGEST_UNPACKED,
    mostFiles: MOST_FILES,
    wanted: (name) => name === ARCHIVE_FILE || name.startsWith('drawings/'),
  })
  if (!unpacked.ok) throw new BrokenArchive(`Nothing was taken in: ${unpacked.error}`)
  const files = unpacked.value
  const text = files.get(ARCHIVE_FILE)
  if (!text)
    throw new BrokenArchive(
      `Nothing was taken in: the zip holds no ${ARCHIVE_FILE}, so it is not a garden archive.`,
    )
  if (text.length > LARGEST_TEXT)
    throw new BrokenArchive(`Nothing was taken in: ${ARCHIVE_FILE} is larger than ${LARGEST_TEXT / 1048576} MB.`)
  const json = parsed(text)
  const head = archiveHeadSchema.safeParse(json)
  if (!head.success) throw new BrokenArchive(`Nothing was taken in: ${describeIssues(head.error)}`)
  return { head: head.data, lists: readLists(json as Record<string, unknown>), files }
}

function parsed(text: Uint8Array): unknown {
  try {
    return JSON.parse(strFromU8(text)) as unknown
  } catch {
    throw new BrokenArchive(`Nothing was taken in: ${ARCHIVE_FILE} is not JSON.`)
  }
}

/** What an archive has many of, each checked one by one. */
function readLists(json: Record<string, unknown>) {
  const { shape } = archiveSchema
  const item = <T>(list: { readonly element: T }) => list.element
  const value = <T>(table: { readonly valueType: T }) => table.valueType
  return {
    beds: checkedList(json.beds, 'beds', item(shape.beds), MOST.beds),
    plants: checkedList(json.plants, 'plants', item(shape.plants), MOST.plants),
    drawings: checkedList(json.drawings, 'drawings', item(shape.drawings), MOST.drawings),
    ticks: checkedList(json.ticks, 'ticks', item(shape.ticks.unwrap()), MOST.ticks),
    log: checkedList(json.log, 'log', item(shape.log.unwrap()), MOST.log),
    letters: checkedTable(json.letters, 'letters', value(shape.letters.unwrap()), MOST.letters),
    changes: checkedTable(json.changes, 'changes', value(shape.changes.unwrap()), MOST.changes),
    pictures: checkedTable(json.pictures, 'pictures', value(shape.pictures.unwrap()), MOST.pictures),
  }
}

function readPlant(cells: PlantCells) {
  const name = cells.botanical_name ?? ''
  try {
    const plant = plantFromCells(cells)
    const { commonName, kind } = plant
    return { id: plantId(name), botanicalName: name, commonName, kind, cells, plain: plantCells(plant) }
  } catch {
    throw new BrokenArchive(`Nothing was taken in: the plant “${name || '?'}” in the archive does not read.`)
  }
}
