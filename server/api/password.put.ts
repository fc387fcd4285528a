import { changePasswordSchema } from '~~/shared/peopleSchema'
import { findAccount, setPassword } from '../db/queries/accounts'
import { isPassword, sealPassword } from '../people/password'

/** Changes one's own password; one's other sessions end. */
export default defineEventHandler(async (event) => {
  const { account } = whoOf(event)
  if (!account) throw refuse(422, 'On this machine alone nobody signs in: there is no password to change.')
  const { old, password } = await readChecked(event, changePasswordSchema)
  if (!(await isPassword(old, account.password))) throw refuse(422, 'The old password is not that.')
  const { db } = await useStore()
  const sealed = await sealPassword(password)
  await db.transaction((tx) => setPassword(tx, account.id, sealed))
  const now = await findAccount(db, account.id)
  const session = await useSession<Signed>(event, sessionConfig())
  await session.update({ accountId: account.id, sessions: now!.sessions })
  return { changed: true }
})
