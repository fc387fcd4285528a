import { changedPlant, PLANT_COLUMNS, plantCells } from '~~/core/plant'
import { learnedSchema } from '~~/shared/wire'
import { findGarden } from '../../../db/queries/gardens'
import { listPlantChanges, savePlantChange } from '../../../db/queries/plantChanges'

/**
 * Sets some figures of a plant to what the garden's log taught, beside those it has of its own; an empty text, or the
 * library's, goes back to the library's. All of it or nothing.
 */
export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const { plantId, cells } = await readChecked(event, learnedSchema)
  const store = await useStore()
  if (!(await findGarden(store.db, gardenId))) throw notFound('garden')
  const base = (await allPlants(store)).plants.get(plantId)
  if (!base) throw notFound('plant')
  const strange = Object.keys(cells).find((c) => !PLANT_COLUMNS.includes(c) || c === 'botanical_name')
  if (strange)
    throw refuse(422, `“${strange}” cannot be learned; choose one of ${PLANT_COLUMNS.slice(4, 8).join(', ')} …`)
  return store.db.transaction(async (tx) => {
    const had = (await listPlantChanges(tx, gardenId)).get(plantId) ?? {}
    const own = plantCells(base)
    const isOwn = ([column, text]: [string, string]) => text !== '' && !(column in cells && text === own[column])
    const merged = Object.fromEntries(Object.entries({ ...had, ...cells }).filter(isOwn))
    const after = changedPlant(base, merged)
    if (!after.ok) throw refuse(422, after.error)
    await savePlantChange(tx, gardenId, plantId, merged)
    return { plant: after.plant }
  })
})
