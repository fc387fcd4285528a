import type { LibraryAnswer } from '~~/shared/wire'

export default defineEventHandler(async (): Promise<LibraryAnswer> => ({ plants: [...(await allPlants(await useStore())).values()] }))
