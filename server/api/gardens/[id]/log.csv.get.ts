import { bedNamesOf } from '../../../db/queries/beds'
import { logAsJson } from '../../../db/queries/logEntries'

/** The log as a table. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { db } = await useStore()
  const asked = { log: await logAsJson(db, id), names: await bedNamesOf(db, id) }
  const { name, value } = await reckoned(event, id, 'log', asked)
  attach(event, 'text/csv; charset=utf-8', name, 'log.csv', 'log.csv')
  return value
})
