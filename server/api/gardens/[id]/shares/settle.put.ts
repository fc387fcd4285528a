import { settleNoteSchema } from '~~/shared/shareSchema'
import { settleNote } from '../../../../db/queries/shares'

/** Marks a client's note as settled, or open again. */
export default defineEventHandler(async (event) => {
  const { id, settled } = await readChecked(event, settleNoteSchema)
  const { db } = await useStore()
  if (!(await db.transaction((tx) => settleNote(tx, idOf(event, 'garden'), id, settled)))) throw notFound('note')
  return { settled }
})
