import { saveSiteSchema } from '~~/shared/wire'
import { findGarden } from '../../../db/queries/gardens'
import { findSite, saveSite } from '../../../db/queries/sites'

export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { revision, site, saves } = await readChecked(event, saveSiteSchema)
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  const saved = await db.transaction((tx) => saveSite(tx, id, revision, site, saves))
  if (saved) return saved
  throw refuse(409, 'This site was changed elsewhere since it was opened.', { stored: await findSite(db, id) })
})
