import { setBedRemoved } from '../../../db/queries/beds'

export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  if (!(await setBedRemoved(db, idOf(event, 'bed'), true))) throw notFound('bed')
  return { removed: true }
})
