import type { Supply } from '../../core/model'
import { tapDistances, waterGardenFigures, type DripFigures, type WaterGarden } from '../../core/water'
import type { SceneOfBed, StoredScenes } from './gardenScenes'

/** How a stored garden is watered, in figures. */
export const waterOf = ({ scenes, garden, laid }: StoredScenes, supply: Supply): WaterGarden<DripFigures> =>
  waterGardenFigures({
    scenes: inTurn(scenes),
    place: garden.value.place,
    plan: supply.water,
    fromTap: tapDistances(laid),
  })

/** Each bed's scene when its turn comes: a large garden's are too much to be held at once. */
function* inTurn(scenes: readonly SceneOfBed[]) {
  for (const { id, scene } of scenes) yield [id, scene] as const
}
