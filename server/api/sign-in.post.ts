import { signInSchema } from '~~/shared/peopleSchema'
import { findByLogin } from '../db/queries/accounts'
import { isPassword } from '../people/password'
import { rightTry, shutFor, wrongTry } from '../people/tries'

/** Opens a session for a login and its password; bad tries shut it for a while. */
export default defineEventHandler(async (event) => {
  const said = await readChecked(event, signInSchema)
  const login = said.login.trim().toLowerCase()
  const address = getRequestIP(event) ?? ''
  const shut = await shutFor(login, address)
  if (shut > 0) {
    setResponseHeader(event, 'retry-after', shut)
    throw refuse(429, `Too many wrong tries: wait ${Math.ceil(shut / 60)} minutes and try again.`)
  }
  const account = await findByLogin((await useStore()).db, login)
  if (!(await isPassword(said.password, account?.password ?? null))) {
    await wrongTry(login, address)
    throw refuse(401, 'Login and password do not fit together. Try again, or ask the owner for a new password.')
  }
  await rightTry(login)
  const session = await useSession<Signed>(event, sessionConfig())
  await session.update({ accountId: account!.id, sessions: account!.sessions })
  return { name: account!.name }
})
