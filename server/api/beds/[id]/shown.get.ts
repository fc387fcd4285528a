import { shownBed } from '../../../services/gardenSummaries'

/** A bed to be looked at: with its wall and viewpoint as its site has them. */
export default defineEventHandler(async (event) => {
  const shown = await shownBed((await useStore()).db, idOf(event, 'bed'))
  if (!shown) throw notFound('bed')
  return shown
})
