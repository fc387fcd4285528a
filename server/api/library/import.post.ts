import { describeRowError, readPlants } from '~~/core/plant'
import { upsertOwnPlants } from '../../db/queries/ownPlants'

/** Takes a plant list (CSV) whole or not at all. */
export default defineEventHandler(async (event) => {
  const text = (await readRawBody(event, 'utf8')) ?? ''
  const read = readPlants(text)
  if (!read.ok) {
    throw refuse(422, `Nothing was taken in: ${read.errors.length} ${read.errors.length === 1 ? 'cell needs' : 'cells need'} mending. First: ${describeRowError(read.errors[0]!)}.`, { errors: read.errors.map(describeRowError) })
  }
  const { db } = await useStore()
  await db.transaction((tx) => upsertOwnPlants(tx, read.rows))
  return { taken: read.plants.length }
})
