import { listPlantPictures } from '../../db/queries/plantPictures'
import type { LibraryAnswer } from '~~/shared/answers'
import { plantText } from '../../services/plantTexts'

export default defineEventHandler(async (event): Promise<string> => {
  const asked = String(getQuery(event).garden ?? '')
  const garden = /^[A-Za-z0-9_-]{1,80}$/.test(asked) ? asked : undefined
  mustSee(event, garden)
  const store = await useStore()
  const { plants, own, changed } = await allPlants(store, garden)
  const pictures = garden ? Object.fromEntries(await listPlantPictures(store.db, garden)) : {}
  const rest: Omit<LibraryAnswer, 'plants'> = { own, changed, pictures }
  setResponseHeader(event, 'content-type', 'application/json')
  return `{"plants":[${[...plants.values()].map(plantText).join()}],${JSON.stringify(rest).slice(1)}`
})
