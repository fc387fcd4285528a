import type { CountInput } from '../../core/count'
import { plantedByKind } from '../../core/setout'
import { findSupply } from '../db/queries/supplies'
import { listTicks } from '../db/queries/ticks'
import type { Queryable } from '../db/Db'
import { partsOfGarden, type GardenParts, type PlantsOf } from './gardenScenes'

type Known = Pick<GardenParts, 'garden' | 'brief' | 'beds' | 'library' | 'issued'>

/** What a garden's count is reckoned from, of parts that were read already. */
export async function countInputFrom(
  db: Queryable,
  { garden, brief, beds, library, issued }: Known,
): Promise<CountInput> {
  const supply = (await findSupply(db, garden.id)).value
  const planted = plantedByKind(await listTicks(db, garden.id))
  return { beds, library, supply, issued, planted, phases: brief.phases }
}

/**
 * Everything a garden's count is reckoned from, as it is stored, with the garden's name; null when there is no such garden. `plantsOf`
 * gives a garden's plants.
 */
export async function countInputOf(db: Queryable, gardenId: string, plantsOf: PlantsOf) {
  const parts = await partsOfGarden(db, gardenId, plantsOf)
  if (!parts) return null
  const { garden } = parts
  return { name: garden.value.name, garden, input: await countInputFrom(db, parts) }
}
