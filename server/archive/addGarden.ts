import { saveSupply } from '../db/queries/supplies'
import { saveBrief } from '../db/queries/briefs'
import { plantCells, plantFromCells, type Plant, type PlantCells } from '../../core/plant'
import type { ArchiveAnswer } from '../../shared/answers'
import type { Db, Queryable } from '../db/Db'
import { insertBedRow } from '../db/queries/beds'
import { insertDrawing } from '../db/queries/drawings'
import { dropGarden, hideGarden, insertGarden, setGardenRemoved } from '../db/queries/gardens'
import { issueKeys } from '../db/queries/issuedKeys'
import { joinLogJson } from '../db/queries/logEntries'
import { insertOwnPlants, ownCellsOf } from '../db/queries/ownPlants'
import { savePlantChanges } from '../db/queries/plantChanges'
import { savePlantPicture } from '../db/queries/plantPictures'
import { saveSite } from '../db/queries/sites'
import { joinTicksJson } from '../db/queries/ticks'
import type { ArchiveRows } from './archiveRows'

type Library = ReadonlyMap<string, Plant>

/** What an archive's own plants become here: new ones for all gardens, and figures that this garden alone has. */
interface PlantsTaken {
  readonly fresh: ArchiveRows['plants']
  readonly same: number
  /** Plant → cells in which the archive differs from the plant of that name that is here. */
  readonly differing: ReadonlyMap<string, PlantCells>
}

/** What is known here of a plant, as the program writes it; own plants stand before the library's. */
function plainCells(own: PlantCells | undefined, known: Plant | undefined): PlantCells | null {
  if (own) return plantCells(plantFromCells(own))
  return known ? plantCells(known) : null
}

/** Sorts the plants of an archive: nothing that other gardens use is changed. */
async function plantsTaken(db: Queryable, library: Library, plants: ArchiveRows['plants']): Promise<PlantsTaken> {
  const own = await ownCellsOf(
    db,
    plants.map((p) => p.id),
  )
  const differing = new Map<string, PlantCells>()
  const fresh: ArchiveRows['plants'][number][] = []
  for (const plant of plants) {
    const known = library.get(plant.id)
    const here = plainCells(own.get(plant.id), known)
    const other = here && Object.entries(plant.plain).filter(([c, v]) => c !== 'botanical_name' && here[c] !== v)
    if (!other) fresh.push(plant)
    else if (other.length > 0) differing.set(plant.id, Object.fromEntries(other))
  }
  return { fresh, differing, same: plants.length - fresh.length - differing.size }
}

/** What an archive would bring, before anything is changed. */
export async function describeArchive(db: Queryable, library: Library, rows: ArchiveRows): Promise<ArchiveAnswer> {
  const { fresh, differing, same } = await plantsTaken(db, library, rows.plants)
  const nameOf = new Map(rows.plants.map((p) => [p.id, p.botanicalName]))
  return {
    id: null,
    name: rows.garden.name,
    beds: rows.beds.map((b) => b.name),
    entries: rows.entries,
    drawings: rows.drawings.length,
    plants: {
      fresh: fresh.map((p) => p.botanicalName),
      differing: [...differing].map(([id, cells]) => ({ name: nameOf.get(id)!, columns: Object.keys(cells) })),
      same,
    },
  }
}

/**
 * Stores an archive as a new garden, all of it or nothing. It is written part by part, out of sight, and comes into view with the last:
 * others are answered in between, and what a killed process left is swept away with the trash.
 */
export async function addGarden(db: Db, library: Library, rows: ArchiveRows): Promise<ArchiveAnswer> {
  const said = await describeArchive(db, library, rows)
  const { gardenId: id } = rows
  try {
    await db.transaction(async (tx) => {
      await insertGarden(tx, id, rows.garden)
      await hideGarden(tx, id)
    })
    for (const part of partsOf(rows)) {
      await db.transaction(part)
      await new Promise((next) => setImmediate(next))
    }
    await db.transaction((tx) => finish(tx, library, rows))
  } catch (error) {
    await db.transaction((tx) => dropGarden(tx, id)).catch(() => undefined)
    throw error
  }
  return { ...said, id }
}

type Part = (tx: Queryable) => Promise<unknown>

/** What there may be much of, each part soon done. */
function partsOf(rows: ArchiveRows): Part[] {
  const { gardenId: id } = rows
  return [
    ...rows.beds.map(
      (bed): Part =>
        (tx) =>
          insertBedRow(tx, id, bed),
    ),
    ...rows.drawings.map(
      (drawing): Part =>
        (tx) =>
          drawing.plantId ? savePlantPicture(tx, id, drawing.plantId, drawing) : insertDrawing(tx, id, drawing),
    ),
    ...rows.ticks.map(
      (part): Part =>
        (tx) =>
          joinTicksJson(tx, id, part),
    ),
    ...rows.log.map(
      (part): Part =>
        (tx) =>
          joinLogJson(tx, id, part),
    ),
  ]
}

/** The rest, with all that others could see: the garden comes into view with it. */
async function finish(tx: Queryable, library: Library, rows: ArchiveRows) {
  const { gardenId: id } = rows
  await saveSite(tx, id, 0, rows.site)
  if (rows.brief) await saveBrief(tx, id, 0, rows.brief)
  if (rows.supply) await saveSupply(tx, id, 0, rows.supply)
  await issueKeys(tx, id, new Map(rows.letters))
  const { fresh, differing } = await plantsTaken(tx, library, rows.plants)
  await insertOwnPlants(tx, fresh)
  const changes = new Map(differing)
  for (const [plantId, cells] of rows.changes) changes.set(plantId, { ...changes.get(plantId), ...cells })
  await savePlantChanges(tx, id, changes)
  await setGardenRemoved(tx, id, false)
}
