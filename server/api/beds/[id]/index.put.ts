import { randomUUID } from 'node:crypto'
import { saveBedSchema } from '~~/shared/wire'

/** A bed taken over whole, as one edit of it. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'bed')
  const { revision, bed } = await readChecked(event, saveBedSchema)
  return answerSave(event, id, revision, [{ id: randomUUID(), how: 'edit', edit: { kind: 'replace', bed } }])
})
