import { layGarden, neighboursOf } from '../../core/garden'
import { makeScene, type Scene } from '../../core/scene'
import { resolveSite } from '../../core/site'
import { climateOf } from '../../core/time'
import { lettersOfParts, type GardenParts } from './gardenScenes'

/**
 * The scene of a bed in its garden, as the page makes it, but for the hours of light, which take seconds and no drawing needs; null
 * when the garden has no such bed.
 */
export function sceneOfBed(parts: GardenParts, bedId: string): Scene | null {
  const { brief, library, garden } = parts
  const laid = layGarden(resolveSite(parts.site), parts.beds)
  const here = laid.beds.get(bedId)
  if (!here) return null
  const { place } = garden.value
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
      letters: lettersOfParts(parts),
    },
    { frame: here.frame },
  )
}
