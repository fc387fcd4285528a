import { sendTicksSchema } from '~~/shared/wire'
import { findGarden } from '../../../db/queries/gardens'
import { joinStoredTicks, listTicks } from '../../../db/queries/ticks'

/** Takes what a device ticked, joins it with what others did, and answers with all of it. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { ticks } = await readChecked(event, sendTicksSchema)
  event.context.changesNothing = ticks.length === 0
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  await db.transaction((tx) => joinStoredTicks(tx, id, ticks))
  return listTicks(db, id)
})
