import { findBed } from '../../../db/queries/beds'

export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const bed = await findBed(db, idOf(event, 'bed'))
  if (!bed) throw notFound('bed')
  return bed
})
