import type { Brief } from '../../core/brief'
import { gardenKeys } from '../../core/count'
import { layGarden, type GardenScene } from '../../core/garden'
import type { Plant } from '../../core/plant'
import { makeScene, type Scene } from '../../core/scene'
import { resolveSite } from '../../core/site'
import { climateOf, type Climate } from '../../core/time'
import type { StoredGarden } from '../../shared/wire'
import type { Queryable } from '../db/Db'
import { breather } from './breathe'
import { listBedsOf } from '../db/queries/beds'
import { findBrief } from '../db/queries/briefs'
import { findGarden } from '../db/queries/gardens'
import { listIssuedKeys } from '../db/queries/issuedKeys'
import { findSite } from '../db/queries/sites'

export interface StoredScenes {
  readonly garden: StoredGarden
  readonly brief: Brief
  readonly climate: Climate
  readonly library: ReadonlyMap<string, Plant>
  readonly letters: ReadonlyMap<string, string>
  readonly laid: GardenScene
  readonly scenes: readonly { readonly id: string; readonly scene: Scene }[]
}

/** The scenes of all beds of a stored garden, for papers: without hours of light and one another's plants; null when it is not there. */
export async function scenesOfGarden(
  db: Queryable,
  gardenId: string,
  plantsOf: (gardenId: string) => Promise<ReadonlyMap<string, Plant>>,
): Promise<StoredScenes | null> {
  const garden = await findGarden(db, gardenId)
  if (!garden) return null
  const beds = (await listBedsOf(db, gardenId)).map((b) => ({ id: b.id, bed: b.value }))
  const { value: brief } = (await findBrief(db, gardenId)) as { value: Brief }
  const library = await plantsOf(gardenId)
  const { place } = garden.value
  const climate = climateOf(place)
  const letters = gardenKeys(
    beds.map((b) => b.bed),
    library,
    await listIssuedKeys(db, gardenId),
  )
  const laid = layGarden(resolveSite((await findSite(db, gardenId)).value), beds)
  const breathe = breather()
  const scenes: { readonly id: string; readonly scene: Scene }[] = []
  for (const { id } of beds) {
    await breathe()
    const here = laid.beds.get(id)!
    const base = {
      bed: here.bed,
      library,
      climate,
      hardinessZone: place.hardinessZone,
      heatZone: place.heatZone ?? null,
    }
    const input = { ...base, schools: brief.schools, letters, surroundings: here.surroundings }
    scenes.push({ id, scene: makeScene(input, { frame: here.frame }) })
  }
  return { garden, brief, climate, library, letters, laid, scenes }
}
