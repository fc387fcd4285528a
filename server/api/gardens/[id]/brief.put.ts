import type { Brief } from '~~/core/model'
import { findBrief, saveBrief } from '../../../db/queries/briefs'
import { saveBriefSchema } from '~~/shared/wire'
import { findGarden } from '../../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { revision, brief, saves } = await readChecked(event, saveBriefSchema)
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  const saved = await db.transaction((tx) => saveBrief(tx, id, revision, brief as Brief, saves))
  if (saved) return saved
  throw refuse(409, 'This brief was changed elsewhere since it was opened.', { stored: await findBrief(db, id) })
})
