import { randomBytes, randomUUID } from 'node:crypto'
import { newShareSchema } from '~~/shared/shareSchema'
import { findGarden } from '../../../../db/queries/gardens'
import { insertShare } from '../../../../db/queries/shares'
import { sealPassword } from '../../../../people/password'

const LINK_BYTES = 24

/** Makes a link to show a garden by. It is told here and never again: only what knows it again is kept. */
export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const { word, ...said } = await readChecked(event, newShareSchema)
  if (said.ends < today()) throw refuse(422, 'The link would have ended already: choose a later day.')
  const { db } = await useStore()
  if (!(await findGarden(db, gardenId))) throw notFound('garden')
  const link = randomBytes(LINK_BYTES).toString('base64url')
  const sealed = word === '' ? null : await sealPassword(word)
  const id = randomUUID()
  await db.transaction((tx) => insertShare(tx, { id, gardenId, ...said, word: sealed }, markOf(link)))
  setResponseStatus(event, 201)
  return { id, path: `/shared/${link}` }
})
