import { changedPlant, PLANT_COLUMNS } from '~~/core/plant'
import { changePlantSchema } from '~~/shared/wire'
import { findGarden } from '../../../../db/queries/gardens'
import { savePlantChange } from '../../../../db/queries/plantChanges'

/** Sets a garden's own figures for a plant; an empty set goes back to the library's. */
export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const plantId = getRouterParam(event, 'plant') ?? ''
  const { cells } = await readChecked(event, changePlantSchema)
  const store = await useStore()
  if (!(await findGarden(store.db, gardenId))) throw notFound('garden')
  const base = (await allPlants(store)).plants.get(plantId)
  if (!base) throw notFound('plant')
  const strange = Object.keys(cells).find((c) => !PLANT_COLUMNS.includes(c) || c === 'botanical_name')
  if (strange)
    throw refuse(422, `“${strange}” cannot be changed; choose one of ${PLANT_COLUMNS.slice(1, 6).join(', ')} …`)
  const after = changedPlant(base, cells)
  if (!after.ok) throw refuse(422, after.error)
  await savePlantChange(store.db, gardenId, plantId, cells)
  return { plant: after.plant }
})
