import { describeRowError } from '~~/core/plant'
import type { ImportAnswer } from '~~/shared/answers'
import { beside } from '../../beside/beside'
import { countOwnPlants, upsertOwnPlantsJson } from '../../db/queries/ownPlants'

const MOST_OWN = 10_000

/** Takes a plant list (CSV or JSON) whole or not at all; with `?dry=1` it only says what it would do. */
export default defineEventHandler(async (event): Promise<ImportAnswer> => {
  const text = (await readRawBody(event, 'utf8')) ?? ''
  const json = (getRequestHeader(event, 'content-type') ?? '').startsWith('application/json')
  const done = await beside('plants', { text, json }, goneOf(event))
  if (!done.ok) throw refuse(422, `Nothing was taken in: ${done.error}`)
  const read = done.value
  if (!read.ok) {
    throw refuse(
      422,
      `Nothing was taken in: ${read.errors.length} ` +
        `${read.errors.length === 1 ? 'cell needs' : 'cells need'} mending. First: ` +
        `${describeRowError(read.errors[0]!)}.`,
      { errors: read.errors.map(describeRowError) },
    )
  }
  const store = await useStore()
  const { plants } = await allPlants(store)
  const names = (there: boolean) => read.named.filter((p) => plants.has(p.id) === there).map((p) => p.botanicalName)
  if (getQuery(event).dry !== '1')
    await store.db.transaction(async (tx) => {
      for (const rows of read.rows) await upsertOwnPlantsJson(tx, rows)
      if ((await countOwnPlants(tx)) > MOST_OWN)
        throw refuse(422, `Nothing was taken in: ${MOST_OWN} plants of your own are the most. Remove some first.`)
    })
  return { taken: read.named.length, added: names(false), replaced: names(true) }
})
