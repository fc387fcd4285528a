import { gardenCount } from '~~/core/count'
import { openRefs, siteSheet } from '~~/core/setout'
import { addDays } from '~~/core/time'
import { careOf } from '../../../services/gardenCare'
import { countInputFrom } from '../../../services/gardenCounts'
import { partsOfGarden, scenesOfParts } from '../../../services/gardenScenes'

/** Tasks are carried for so many days. */
const CARE_DAYS = 42

/** All that is needed to set a garden out, to keep it and to write its log on site, without a network for the day. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const store = await useStore()
  const parts = await partsOfGarden(store.db, id, plantsOf(store))
  if (!parts) throw notFound('garden')
  const input = await countInputFrom(store.db, parts)
  const found = scenesOfParts(parts)
  const { name, units, place } = found.garden.value
  const beds = found.scenes.map(({ id: bedId, scene }) => ({ id: bedId, plants: scene.planted }))
  const now = today()
  const care = careOf(found, input.supply, addDays(now, -7), addDays(now, CARE_DAYS))
  const slim = care.map((t) => ({ ...t, plant: null }))
  return siteSheet(id, name, units, found.scenes, {
    open: openRefs(beds, gardenCount(input).lines),
    care: slim,
    place,
  })
})
