import { listPlantPictures } from '../../db/queries/plantPictures'
import type { LibraryAnswer } from '~~/shared/wire'

export default defineEventHandler(async (event): Promise<LibraryAnswer> => {
  const asked = String(getQuery(event).garden ?? '')
  const garden = /^[A-Za-z0-9_-]{1,80}$/.test(asked) ? asked : undefined
  mustSee(event, garden)
  const store = await useStore()
  const { plants, own, changed } = await allPlants(store, garden)
  const pictures = garden ? Object.fromEntries(await listPlantPictures(store.db, garden)) : {}
  return { plants: [...plants.values()], own, changed, pictures }
})
