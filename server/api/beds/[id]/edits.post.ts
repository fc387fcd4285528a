import { saveEditsSchema } from '~~/shared/wire'

/** Edits of a bed on the revision they start from; sent twice they count once. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'bed')
  const { revision, edits } = await readChecked(event, saveEditsSchema)
  return answerSave(event, id, revision, edits)
})
