import { listBedsOf } from '../../../db/queries/beds'

export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const { db } = await useStore()
  return listBedsOf(db, gardenId)
})
