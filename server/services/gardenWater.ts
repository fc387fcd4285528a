import type { Supply } from '../../core/count'
import { tapDistances, waterGarden, type WaterGarden } from '../../core/water'
import type { StoredScenes } from './gardenScenes'

/** How a stored garden is watered. */
export const waterOf = ({ scenes, garden, laid }: StoredScenes, supply: Supply): WaterGarden =>
  waterGarden({
    scenes: scenes.map(({ id, scene }) => [id, scene] as const),
    place: garden.value.place,
    plan: supply.water,
    fromTap: tapDistances(laid),
  })
