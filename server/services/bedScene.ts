import type { Brief } from '../../core/brief'
import { gardenKeys } from '../../core/count'
import { layGarden, neighboursOf } from '../../core/garden'
import type { Plant } from '../../core/plant'
import { makeScene, type Scene } from '../../core/scene'
import { resolveSite } from '../../core/site'
import { climateOf } from '../../core/time'
import type { Queryable } from '../db/Db'
import { findBed, listBedsOf } from '../db/queries/beds'
import { findBrief } from '../db/queries/briefs'
import { findGarden } from '../db/queries/gardens'
import { listIssuedKeys } from '../db/queries/issuedKeys'
import { findSite } from '../db/queries/sites'

/**
 * The scene of a stored bed in its garden, as the page makes it, but for the hours of light, which take seconds and no drawing needs; null
 * when there is no such bed. `plantsOf` gives a garden's plants.
 */
export async function sceneOfBed(
  db: Queryable,
  bedId: string,
  plantsOf: (gardenId: string) => Promise<ReadonlyMap<string, Plant>>,
): Promise<Scene | null> {
  const stored = await findBed(db, bedId)
  const garden = stored && (await findGarden(db, stored.gardenId))
  if (!stored || !garden) return null
  const site = resolveSite((await findSite(db, garden.id)).value)
  const beds = (await listBedsOf(db, garden.id)).map((b) => ({ id: b.id, bed: b.value }))
  const { value: brief } = (await findBrief(db, garden.id)) as { value: Brief }
  const library = await plantsOf(garden.id)
  const laid = layGarden(site, beds)
  const here = laid.beds.get(bedId)!
  const { place } = garden.value
  const letters = gardenKeys(
    beds.map((b) => b.bed),
    library,
    await listIssuedKeys(db, garden.id),
  )
  return makeScene(
    {
      bed: here.bed,
      neighbours: neighboursOf(laid, bedId, library, brief.schools),
      library,
      climate: climateOf(place),
      hardinessZone: place.hardinessZone,
      heatZone: place.heatZone ?? null,
      surroundings: here.surroundings,
      theme: brief.theme,
      requirements: brief.requirements.filter((r) => r.beds.length === 0 || r.beds.includes(bedId)),
      schools: brief.schools,
      sunAt: place,
      letters,
    },
    { frame: here.frame },
  )
}
