import { findGarden } from '../../../db/queries/gardens'
import { findSite } from '../../../db/queries/sites'

export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  return findSite(db, id)
})
