import { saveBedSchema } from '~~/shared/wire'
import { findBed, updateBed } from '../../../db/queries/beds'

export default defineEventHandler(async (event) => {
  const id = idOf(event, 'bed')
  const { revision, bed } = await readChecked(event, saveBedSchema)
  const { db } = await useStore()
  const saved = await db.transaction((tx) => updateBed(tx, id, revision, bed))
  if (saved) return saved
  const stored = await findBed(db, id)
  if (!stored) throw notFound('bed')
  throw refuse(409, 'This bed was changed elsewhere since it was opened.', { stored })
})
