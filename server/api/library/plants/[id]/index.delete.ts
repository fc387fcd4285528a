import { bedsWithPlant, setOwnPlantRemoved } from '../../../../db/queries/ownPlants'

/** Removes an own plant that stands in no bed; it can be brought back for thirty days. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'plant')
  const { db } = await useStore()
  const beds = await bedsWithPlant(db, id)
  if (beds.length > 0)
    throw refuse(422, `It stands in ${beds.join(', ')}: put another in its place there first, then remove it.`)
  if (!(await db.transaction((tx) => setOwnPlantRemoved(tx, id, true)))) throw notFound('plant of your own')
  return { removed: true }
})
