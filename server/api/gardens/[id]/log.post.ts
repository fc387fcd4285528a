import { sendLogSchema } from '~~/shared/wire'
import { findGarden } from '../../../db/queries/gardens'
import { joinStoredLog } from '../../../db/queries/logEntries'

/** Takes what a device wrote in the log and joins it with what is there. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { entries } = await readChecked(event, sendLogSchema)
  event.context.changesNothing = entries.length === 0
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  await db.transaction((tx) => joinStoredLog(tx, id, entries))
  return { taken: entries.length }
})
