import { schedule, scheduleCsv } from '~~/core/count'
import { findBed } from '../../../db/queries/beds'

/** The plant schedule as a file. */
export default defineEventHandler(async (event) => {
  const store = await useStore()
  const bed = await findBed(store.db, idOf(event, 'bed'))
  if (!bed) throw notFound('bed')
  const file = `${bed.value.name.replace(/[^\p{L}\p{N} _-]+/gu, '').trim() || 'bed'} - plant schedule.csv`
  setResponseHeaders(event, {
    'content-type': 'text/csv; charset=utf-8',
    'content-disposition': `attachment; filename="plant-schedule.csv"; filename*=UTF-8''${encodeURIComponent(file)}`,
  })
  return scheduleCsv(schedule(bed.value, (await allPlants(store, bed.gardenId)).plants))
})
