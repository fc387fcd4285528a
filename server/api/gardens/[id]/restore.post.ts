import { setGardenRemoved } from '../../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  if (!(await setGardenRemoved(db, idOf(event, 'garden'), false))) throw notFound('garden')
  return { restored: true }
})
