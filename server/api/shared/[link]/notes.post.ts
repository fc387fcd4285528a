import { randomUUID } from 'node:crypto'
import { clientNoteSchema } from '~~/shared/shareSchema'
import { findBed } from '../../../db/queries/beds'
import { insertNote, notesOfShare } from '../../../db/queries/shares'

const MOST_NOTES = 500

/** Keeps what a client says of a bed. */
export default defineEventHandler(async (event) => {
  const share = await openShare(event)
  const note = await readChecked(event, clientNoteSchema)
  if (note.kind !== 'approve' && note.said === '') throw refuse(422, 'Say in a few words what is meant.')
  const { db } = await useStore()
  const bed = await findBed(db, note.bedId)
  if (!bed || bed.gardenId !== share.gardenId || note.revision > bed.revision) throw notFound('bed')
  if ((await notesOfShare(db, share.id)).length >= MOST_NOTES)
    throw refuse(422, 'There are as many notes as can be kept: ask the designer to settle some.')
  const own = { id: randomUUID(), shareId: share.id, who: 'client', answers: null } as const
  if (!(await db.transaction((tx) => insertNote(tx, { ...own, ...note })))) throw notFound('bed')
  // Who has the garden open sees at once what its client said.
  ;(await useHub()).tell(share.gardenId, { what: 'notes', id: share.gardenId, tab: '', name: share.name })
  setResponseStatus(event, 201)
  return notesOfShare(db, share.id)
})
