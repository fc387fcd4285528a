import { z } from 'zod'
import { passwordSchema } from '~~/shared/peopleSchema'
import { findAccount, setPassword } from '../../../db/queries/accounts'
import { sealPassword } from '../../../people/password'

const askSchema = z.object({ password: passwordSchema })

/** Sets a new password for somebody who lost theirs; their sessions end. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'account')
  const { password } = await readChecked(event, askSchema)
  const { db } = await useStore()
  if (!(await findAccount(db, id))) throw notFound('account')
  const sealed = await sealPassword(password)
  await db.transaction((tx) => setPassword(tx, id, sealed))
  return { changed: true }
})
