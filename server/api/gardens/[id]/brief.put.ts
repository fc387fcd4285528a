import type { Brief } from '~~/core/brief'
import { saveBriefSchema } from '~~/shared/wire'
import { findBrief, saveBrief } from '../../../db/queries/briefs'
import { findGarden } from '../../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { revision, brief } = await readChecked(event, saveBriefSchema)
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  const saved = await saveBrief(db, id, revision, brief as Brief)
  if (saved) return saved
  throw refuse(409, 'This brief was changed elsewhere since it was opened.', { stored: await findBrief(db, id) })
})
