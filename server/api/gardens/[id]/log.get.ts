import { findGarden } from '../../../db/queries/gardens'
import { logAsJson } from '../../../db/queries/logEntries'

/** All entries of a garden's log. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  setResponseHeader(event, 'content-type', 'application/json')
  return logAsJson(db, id)
})
