import { randomUUID } from 'node:crypto'
import { pictureType } from '~~/shared/pictureType'
import { findGarden } from '../../../../../db/queries/gardens'
import { savePlantPicture } from '../../../../../db/queries/plantPictures'

const LARGEST = 3 * 1024 * 1024

/** Takes a picture of a plant for one garden; what it is is read from its bytes. */
export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const plantId = getRouterParam(event, 'plant') ?? ''
  const bytes = await readRawBody(event, false)
  const mediaType = bytes ? pictureType(bytes) : null
  if (!bytes || !mediaType) throw refuse(422, 'That is not a PNG or JPEG picture: nothing was changed.')
  if (bytes.length > LARGEST) throw refuse(413, `The picture is ${(bytes.length / 1048576).toFixed(1)} MB; ${LARGEST / 1048576} MB is the most. Make it smaller.`)
  const store = await useStore()
  if (!await findGarden(store.db, gardenId)) throw notFound('garden')
  if (!(await allPlants(store)).plants.has(plantId)) throw notFound('plant')
  const id = randomUUID()
  await store.db.transaction((tx) => savePlantPicture(tx, gardenId, plantId, { id, mediaType, bytes }))
  return { drawingId: id }
})
