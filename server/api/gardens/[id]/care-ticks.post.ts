import { careTicksSchema } from '~~/shared/wire'
import { findGarden } from '../../../db/queries/gardens'
import { findSupply, saveSupply } from '../../../db/queries/supplies'

/** Takes what a device ticked of the week's care and joins it with the rest: each task's later word holds. Answers with all ticks. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { ticks } = await readChecked(event, careTicksSchema)
  event.context.changesNothing = Object.keys(ticks).length === 0
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  return db.transaction(async (tx) => {
    const { value, revision } = await findSupply(tx, id)
    const joined = { ...value.care.ticks }
    for (const [task, tick] of Object.entries(ticks)) {
      if (tick) joined[task] = tick
      else Reflect.deleteProperty(joined, task)
    }
    if (Object.keys(ticks).length === 0) return joined
    const saved = await saveSupply(tx, id, revision, { ...value, care: { ...value.care, ticks: joined } })
    if (!saved) throw refuse(409, 'The care of this garden was changed at the same moment: it is sent again.')
    return joined
  })
})
