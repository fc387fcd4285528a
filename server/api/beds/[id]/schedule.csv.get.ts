import { schedule, scheduleCsv } from '~~/core/count'
import { findBed } from '../../../db/queries/beds'

/** The plant schedule as a file. */
export default defineEventHandler(async (event) => {
  const store = await useStore()
  const bed = await findBed(store.db, idOf(event, 'bed'))
  if (!bed) throw notFound('bed')
  attach(event, 'text/csv; charset=utf-8', bed.value.name, 'plant schedule.csv', 'plant-schedule.csv')
  return scheduleCsv(schedule(bed.value, (await allPlants(store, bed.gardenId)).plants))
})
