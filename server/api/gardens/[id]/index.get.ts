import { findGarden } from '../../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const garden = await findGarden(db, idOf(event, 'garden'))
  if (!garden) throw notFound('garden')
  return garden
})
