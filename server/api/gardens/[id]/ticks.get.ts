import { findGarden } from '../../../db/queries/gardens'
import { listTicks } from '../../../db/queries/ticks'

export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  return listTicks(db, id)
})
