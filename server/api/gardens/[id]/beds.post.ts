import { randomUUID } from 'node:crypto'
import { newBedSchema } from '~~/shared/wire'
import { findBed, insertBed } from '../../../db/queries/beds'
import { findGarden } from '../../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const { bed } = await readChecked(event, newBedSchema)
  const { db } = await useStore()
  const id = randomUUID()
  const stored = await db.transaction(async (tx) => {
    if (!(await findGarden(tx, gardenId))) return null
    await insertBed(tx, id, gardenId, bed)
    return findBed(tx, id)
  })
  if (!stored) throw notFound('garden')
  setResponseStatus(event, 201)
  return stored
})
