import { careTicksSchema } from '~~/shared/wire'
import { joinCareTicks, listCareTicks } from '../../../db/queries/careTicks'
import { findGarden } from '../../../db/queries/gardens'

/** Some ten years of a large garden. */
const MOST = 10_000

/** Takes what a device ticked of the week's care and joins it with the rest: each task's later word holds. Answers with all ticks. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { ticks } = await readChecked(event, careTicksSchema)
  const isEmpty = Object.keys(ticks).length === 0
  event.context.changesNothing = isEmpty
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  const { text } = isEmpty
    ? await listCareTicks(db, id)
    : await db.transaction(async (tx) => {
        const kept = await joinCareTicks(tx, id, ticks)
        if (kept.count > MOST)
          throw refuse(
            422,
            `A garden keeps ${MOST} ticks of care at most: nothing was changed. Open some old ones again.`,
          )
        return kept
      })
  setResponseHeader(event, 'content-type', 'application/json')
  return text
})
