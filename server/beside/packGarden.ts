import { findSupply } from '../db/queries/supplies'
import { findBrief } from '../db/queries/briefs'
import { beside } from './beside'
import type { Queryable } from '../db/Db'
import { bedTextsOf } from '../db/queries/beds'

import { findDrawing, type Drawing } from '../db/queries/drawings'
import { findGarden } from '../db/queries/gardens'
import { listIssuedKeys } from '../db/queries/issuedKeys'
import { listLog } from '../db/queries/logEntries'
import { ownPlantTexts } from '../db/queries/ownPlants'
import { listPlantChanges } from '../db/queries/plantChanges'
import { listPlantPictures } from '../db/queries/plantPictures'
import { findSite } from '../db/queries/sites'

import { listTicks } from '../db/queries/ticks'

/** A garden that is too large to be packed; the message says why. */
export class TooLarge extends Error {}

/** A garden with its beds, site, own plants and drawings as one zip; null when there is no such garden. Throws `TooLarge`. */
export async function packGarden(db: Queryable, gardenId: string): Promise<Uint8Array | null> {
  const garden = await findGarden(db, gardenId)
  if (!garden) return null
  const site = (await findSite(db, gardenId)).value
  const brief = await findBrief(db, gardenId)
  const supply = await findSupply(db, gardenId)
  const log = await listLog(db, gardenId)
  const pictures = await listPlantPictures(db, gardenId)
  const kept: Drawing[] = []
  const photos = [...new Set(log.map((e) => e.photoId).filter((id) => id !== ''))]
  for (const id of [...(site.base ? [site.base.drawingId] : []), ...pictures.values(), ...photos])
    kept.push(...[await findDrawing(db, id, gardenId)].filter((d) => d !== null))
  const packed = await beside('pack', {
    garden: garden.value,
    beds: await bedTextsOf(db, gardenId),
    site,
    brief: brief.revision > 0 ? brief.value : null,
    supply: supply.revision > 0 ? supply.value : null,
    letters: await listIssuedKeys(db, gardenId),
    ticks: await listTicks(db, gardenId),
    log,
    changes: await listPlantChanges(db, gardenId),
    own: await ownPlantTexts(db),
    drawings: kept,
    pictures,
  })
  if (!packed.ok) throw new TooLarge(packed.error)
  return packed.value
}
