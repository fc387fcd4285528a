import { listBeds } from '../../../db/queries/beds'

export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const { db } = await useStore()
  return (await listBeds(db)).filter((b) => b.gardenId === gardenId)
})
