import { setOwnPlantRemoved } from '../../../../db/queries/ownPlants'

export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const id = idOf(event, 'plant')
  if (!(await db.transaction((tx) => setOwnPlantRemoved(tx, id, false)))) throw notFound('plant of your own')
  return { restored: true }
})
