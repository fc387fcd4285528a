import { saveGardenSchema } from '~~/shared/wire'
import { findGarden, updateGarden } from '../../../db/queries/gardens'

export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const { revision, garden } = await readChecked(event, saveGardenSchema)
  const { db } = await useStore()
  const saved = await updateGarden(db, id, revision, garden)
  if (saved) return saved
  const stored = await findGarden(db, id)
  if (!stored) throw notFound('garden')
  throw refuse(409, 'This garden was changed elsewhere since it was opened.', { stored })
})
