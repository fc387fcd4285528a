import { setBedRemoved } from '../../../db/queries/beds'

export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  if (!(await setBedRemoved(db, idOf(event, 'bed'), false))) throw notFound('bed')
  return { restored: true }
})
