import { siteSheet } from '~~/core/setout'
import { scenesOfGarden } from '../../../services/gardenScenes'

/** All that is needed to set a garden out on site, without a network for the day. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const store = await useStore()
  const found = await scenesOfGarden(store.db, id, plantsOf(store))
  if (!found) throw notFound('garden')
  return siteSheet(id, found.garden.value.name, found.garden.value.units, found.scenes)
})
