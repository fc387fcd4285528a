import type { Order } from '~~/core/model'
import { nurseryAskSchema } from '~~/shared/wire'
import { beside } from '../../../../beside/beside'
import { findGarden } from '../../../../db/queries/gardens'
import { askNursery, NURSERY_STEPS } from '../../../../services/nursery'
import { plantText } from '../../../../services/plantTexts'

/** Lines times plants that are looked through here; more are beside the server. */
const ASKED_HERE = 50_000

/** One step with the simulated nursery. */
export default defineEventHandler(async (event): Promise<Order> => {
  const gardenId = idOf(event, 'garden')
  const step = NURSERY_STEPS.find((s) => s === getRouterParam(event, 'step'))
  if (!step) throw refuse(404, `A nursery can ${NURSERY_STEPS.join(', ')}.`)
  const { order, today } = await readChecked(event, nurseryAskSchema)
  const store = await useStore()
  if (!(await findGarden(store.db, gardenId))) throw notFound('garden')
  const { plants } = await allPlants(store, gardenId)
  const ask = { gardenId, step, order, today }
  if (order.lines.length * plants.size <= ASKED_HERE) return askNursery(plants, ask)
  const asked = await beside('nursery', { plants: [...plants.values()].map(plantText), ask }, goneOf(event))
  if (!asked.ok) throw refuse(503, `This order is very long, and ${asked.error}`)
  return asked.value
})
