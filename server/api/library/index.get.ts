import type { LibraryAnswer } from '~~/shared/wire'

export default defineEventHandler(async (event): Promise<LibraryAnswer> => {
  const garden = String(getQuery(event).garden ?? '')
  const { plants, own, changed } = await allPlants(await useStore(), /^[A-Za-z0-9_-]{1,80}$/.test(garden) ? garden : undefined)
  return { plants: [...plants.values()], own, changed }
})
