import { kindsOf, type Bed } from '../../core/bed'
import { plantId } from '../../core/plant'
import { beside } from '../beside/beside'
import type { Queryable } from '../db/Db'
import { listBedsOf } from '../db/queries/beds'
import { findBrief } from '../db/queries/briefs'
import { findDrawing, type Drawing } from '../db/queries/drawings'
import { findGarden } from '../db/queries/gardens'
import { listIssuedKeys } from '../db/queries/issuedKeys'
import { listLog } from '../db/queries/logEntries'
import { listOwnCells } from '../db/queries/ownPlants'
import { listPlantChanges } from '../db/queries/plantChanges'
import { listPlantPictures } from '../db/queries/plantPictures'
import { findSite } from '../db/queries/sites'
import { findSupply } from '../db/queries/supplies'
import { listTicks } from '../db/queries/ticks'

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
  const pictures = await listPlantPictures(db, gardenId)
  const kept: Drawing[] = []
  const photos = [...new Set(log.map((e) => e.photoId).filter((id) => id !== ''))]
  for (const id of [...(site.base ? [site.base.drawingId] : []), ...pictures.values(), ...photos])
    kept.push(...[await findDrawing(db, id, gardenId)].filter((d) => d !== null))
  const packed = await beside('pack', {
    garden: garden.value,
    beds: beds.map((b) => ({ id: b.id, bed: b.value })),
    site,
    brief: brief.revision > 0 ? brief.value : null,
    supply: supply.revision > 0 ? supply.value : null,
    letters: await listIssuedKeys(db, gardenId),
    ticks: await listTicks(db, gardenId),
    log,
    changes: await listPlantChanges(db, gardenId),
    plants,
    drawings: kept,
    pictures,
  })
  if (!packed.ok) throw new Error(packed.error)
  return packed.value
}
