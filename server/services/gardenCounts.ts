import type { Brief } from '../../core/brief'
import type { CountInput } from '../../core/count'
import { plantedByKind } from '../../core/setout'
import { listBedsOf } from '../db/queries/beds'
import { findBrief } from '../db/queries/briefs'
import { findGarden } from '../db/queries/gardens'
import { listIssuedKeys } from '../db/queries/issuedKeys'
import { findSupply } from '../db/queries/supplies'
import { listTicks } from '../db/queries/ticks'
import type { Plant } from '../../core/plant'
import type { Queryable } from '../db/Db'

/**
 * Everything a garden's count is reckoned from, as it is stored, with the garden's name; null when there is no such garden. `plantsOf`
 * gives a garden's plants.
 */
export async function countInputOf(
  db: Queryable,
  gardenId: string,
  plantsOf: (gardenId: string) => Promise<ReadonlyMap<string, Plant>>,
) {
  const garden = await findGarden(db, gardenId)
  if (!garden) return null
  const { value: brief } = (await findBrief(db, gardenId)) as { value: Brief }
  const input: CountInput = {
    beds: (await listBedsOf(db, gardenId)).map((b) => ({ id: b.id, bed: b.value })),
    library: await plantsOf(gardenId),
    supply: (await findSupply(db, gardenId)).value,
    issued: await listIssuedKeys(db, gardenId),
    planted: plantedByKind(await listTicks(db, gardenId)),
    phases: brief.phases,
  }
  return { name: garden.value.name, garden, input }
}
