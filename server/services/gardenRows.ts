import type { Brief, Supply } from '../../core/model'
import { findSupply } from '../db/queries/supplies'
import { findBrief } from '../db/queries/briefs'
import type { CountInput } from '../../core/count'
import type { Plant } from '../../core/plant'
import { plantedByKind } from '../../core/setout'
import type { Queryable } from '../db/Db'
import { bedOfText, bedTextsOf, type BedText } from '../db/queries/beds'
import { findGarden } from '../db/queries/gardens'
import { listIssuedKeys } from '../db/queries/issuedKeys'
import { findSite } from '../db/queries/sites'
import { listTicks } from '../db/queries/ticks'
import type { GardenParts, PlantsOf } from './gardenScenes'
import { plantOfText, plantText } from './plantTexts'

/** A garden as it is stored, its beds as texts: reading and checking them is left to the process that reckons. */
export interface GardenRows extends Omit<GardenParts, 'beds' | 'library'> {
  readonly beds: BedText[]
  /** Plants as texts: they cross to a process more quickly so. */
  readonly plants: string[]
  readonly supply: Supply
  readonly planted: CountInput['planted']
}

/** The rows of a stored garden; null when it is not there. */
export async function rowsOfGarden(
  db: Queryable,
  gardenId: string,
  plantsOf: PlantsOf,
): Promise<GardenRows | null> {
  const garden = await findGarden(db, gardenId)
  if (!garden) return null
  return {
    garden,
    beds: await bedTextsOf(db, gardenId),
    brief: ((await findBrief(db, gardenId)) as { value: Brief }).value,
    site: (await findSite(db, gardenId)).value,
    plants: [...(await plantsOf(gardenId)).values()].map(plantText),
    issued: await listIssuedKeys(db, gardenId),
    supply: (await findSupply(db, gardenId)).value,
    planted: plantedByKind(await listTicks(db, gardenId)),
  }
}

/**
 * The parts of a garden, and what its count is reckoned from, of rows. Their texts are taken out of them as they are read: a large garden
 * is not held twice.
 */
export function partsOfRows(rows: GardenRows): { readonly parts: GardenParts; readonly input: CountInput } {
  const { supply, planted, plants, beds: texts, ...stored } = rows
  const { issued, brief } = stored
  const library = new Map(plants.splice(0).map((text) => idAndPlant(plantOfText(text))))
  const beds = Array.from({ length: texts.length }, () => {
    const { id, value } = bedOfText(texts.shift()!)
    return { id, bed: value }
  })
  const input = { beds, library, supply, issued, planted, phases: brief.phases }
  return { parts: { ...stored, library, beds }, input }
}

const idAndPlant = (plant: Plant): [string, Plant] => [plant.id, plant]
