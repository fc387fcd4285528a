import { randomUUID } from 'node:crypto'
import { findGarden } from '../../../../../db/queries/gardens'
import { savePlantPicture } from '../../../../../db/queries/plantPictures'

const LARGEST_MB = 3

/** Takes a picture of a plant for one garden; what it is is read from its bytes. */
export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const plantId = getRouterParam(event, 'plant') ?? ''
  const picture = await readPicture(event, LARGEST_MB, 'Choose a photo in one of these forms.')
  const store = await useStore()
  if (!(await findGarden(store.db, gardenId))) throw notFound('garden')
  if (!(await allPlants(store)).plants.has(plantId)) throw notFound('plant')
  const id = randomUUID()
  await store.db.transaction((tx) => savePlantPicture(tx, gardenId, plantId, { id, ...picture }))
  return { drawingId: id }
})
