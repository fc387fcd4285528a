import { randomUUID } from 'node:crypto'
import { answerNoteSchema } from '~~/shared/shareSchema'
import { findNote, insertNote } from '../../../../db/queries/shares'

/** Answers a client's note: it stands under it, there and here. */
export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const { answers, said } = await readChecked(event, answerNoteSchema)
  const { db } = await useStore()
  const note = await findNote(db, gardenId, answers)
  if (!note) throw notFound('note')
  const { shareId, bedId, revision } = note
  const own = { id: randomUUID(), shareId, bedId, revision, alongM: null, kind: 'note', who: 'designer' } as const
  await db.transaction((tx) => insertNote(tx, { ...own, said, answers }))
  return { answered: true }
})
