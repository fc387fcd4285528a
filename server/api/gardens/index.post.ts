import { randomUUID } from 'node:crypto'
import { newGardenSchema } from '~~/shared/wire'
import { insertGarden } from '../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const { garden } = await readChecked(event, newGardenSchema)
  const { db } = await useStore()
  setResponseStatus(event, 201)
  return insertGarden(db, randomUUID(), garden)
})
