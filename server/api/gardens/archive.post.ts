import { BrokenArchive, unpackGarden } from '../../services/gardenArchive'

/** Takes a garden archive whole, as a new garden, or not at all. */
export default defineEventHandler(async (event) => {
  const bytes = await readRawBody(event, false)
  const { db } = await useStore()
  try {
    const id = await unpackGarden(db, bytes ?? new Uint8Array())
    setResponseStatus(event, 201)
    return { id }
  } catch (error) {
    if (error instanceof BrokenArchive) throw refuse(422, error.message)
    throw error
  }
})
