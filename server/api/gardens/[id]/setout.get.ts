import { gardenCount } from '~~/core/count'
import { openRefs, siteSheet } from '~~/core/setout'
import { countInputOf } from '../../../services/gardenCounts'
import { scenesOfGarden } from '../../../services/gardenScenes'

/** All that is needed to set a garden out on site, without a network for the day. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const store = await useStore()
  const found = await scenesOfGarden(store.db, id, plantsOf(store))
  const counted = await countInputOf(store.db, id, plantsOf(store))
  if (!found || !counted) throw notFound('garden')
  const { name, units } = found.garden.value
  const beds = found.scenes.map(({ id: bedId, scene }) => ({ id: bedId, plants: scene.planted }))
  return siteSheet(id, name, units, found.scenes, openRefs(beds, gardenCount(counted.input).lines))
})
