import { findBrief } from '../../../db/queries/briefs'
import { findGarden } from '../../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  return findBrief(db, id)
})
