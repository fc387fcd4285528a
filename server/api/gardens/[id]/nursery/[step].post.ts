import { simulatedNursery, type Order } from '~~/core/count'
import { unlikeness } from '~~/core/match'
import { hashText } from '~~/core/geometry'
import { nurseryAskSchema } from '~~/shared/wire'
import { findGarden } from '../../../../db/queries/gardens'

const STEPS = ['ask', 'order', 'confirm', 'deliver'] as const

/** One step with the simulated nursery: it is made up, keeps no books, and answers the same for the same order. */
export default defineEventHandler(async (event): Promise<Order> => {
  const id = idOf(event, 'garden')
  const step = STEPS.find((s) => s === getRouterParam(event, 'step'))
  if (!step) throw refuse(404, `A nursery can ${STEPS.join(', ')}.`)
  const { order, today } = await readChecked(event, nurseryAskSchema)
  const store = await useStore()
  if (!(await findGarden(store.db, id))) throw notFound('garden')
  const { plants } = await allPlants(store, id)
  const nearest = (plantId: string) => {
    const from = plants.get(plantId)
    if (!from) return ''
    const others = [...plants.values()].filter((p) => p.id !== plantId && p.kind === from.kind)
    return others.reduce((a, b) => (unlikeness(from, b) < unlikeness(from, a) ? b : a), others[0]!)?.id ?? ''
  }
  return simulatedNursery(hashText(id), nearest)[step](order, today)
})
