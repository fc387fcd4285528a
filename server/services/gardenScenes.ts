import type { Bed, Brief, Site } from '../../core/model'
import { gardenKeys } from '../../core/count'
import { layGarden, type GardenScene } from '../../core/garden'
import type { Plant } from '../../core/plant'
import { makeScene, type Scene } from '../../core/scene'
import { resolveSite } from '../../core/site'
import { climateOf, type Climate } from '../../core/time'
import type { StoredGarden } from '../../shared/answers'

/** What the scenes of a garden are made from, as it is stored: plain data that a worker can be given. */
export interface GardenParts {
  readonly garden: StoredGarden
  readonly brief: Brief
  readonly site: Site
  readonly beds: readonly { readonly id: string; readonly bed: Bed }[]
  readonly library: ReadonlyMap<string, Plant>
  readonly issued: ReadonlyMap<string, string>
}

export interface StoredScenes {
  readonly garden: StoredGarden
  readonly brief: Brief
  readonly climate: Climate
  readonly library: ReadonlyMap<string, Plant>
  readonly letters: ReadonlyMap<string, string>
  readonly laid: GardenScene
  readonly scenes: readonly SceneOfBed[]
}

/** A bed's scene, made where it is asked for, and again where its memory was needed meanwhile. */
export interface SceneOfBed {
  readonly id: string
  readonly scene: Scene
}

/** Gives the plants that a garden knows. */
export type PlantsOf = (gardenId: string) => Promise<ReadonlyMap<string, Plant>>

/** The letters of a garden's kinds. */
export const lettersOfParts = ({ beds, library, issued }: GardenParts): ReadonlyMap<string, string> =>
  gardenKeys(
    beds.map((b) => b.bed),
    library,
    issued,
  )

/** The scenes of all beds of a garden, for papers: without hours of light and one another's plants. */
export function scenesOfParts(parts: GardenParts): StoredScenes {
  const { garden, brief, beds, library, site } = parts
  const { place } = garden.value
  const climate = climateOf(place)
  const letters = lettersOfParts(parts)
  const laid = layGarden(resolveSite(site), beds)
  const keep = scenesKept()
  const scenes = beds.map(({ id }) => {
    const here = laid.beds.get(id)!
    const base = {
      bed: here.bed,
      library,
      climate,
      hardinessZone: place.hardinessZone,
      heatZone: place.heatZone ?? null,
    }
    const input = { ...base, schools: brief.schools, letters, surroundings: here.surroundings }
    return {
      id,
      get scene() {
        return keep(id, () => makeScene(input, { frame: here.frame }))
      },
    }
  })
  return { garden, brief, climate, library, letters, laid, scenes }
}

/** So many plants' scenes are kept: all of a usual garden, one or two beds of a very large one. */
const MOST_KEPT_PLANTS = 6000

/** Gives scenes by their bed, made again where the room was needed for others meanwhile. */
function scenesKept(): (id: string, make: () => Scene) => Scene {
  const kept = new Map<string, Scene>()
  let plants = 0
  return (id, make) => {
    const there = kept.get(id)
    if (there) return there
    const scene = make()
    plants += scene.everywhere.length
    for (const [oldest, { everywhere }] of kept) {
      if (plants <= MOST_KEPT_PLANTS) break
      kept.delete(oldest)
      plants -= everywhere.length
    }
    kept.set(id, scene)
    return scene
  }
}
