import { dropPlantPicture } from '../../../../../db/queries/plantPictures'

/** Takes a garden's picture of a plant away. */
export default defineEventHandler(async (event) => {
  await dropPlantPicture((await useStore()).db, idOf(event, 'garden'), getRouterParam(event, 'plant') ?? '')
  return { dropped: true }
})
