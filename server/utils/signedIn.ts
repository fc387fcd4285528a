import type { H3Event } from 'h3'
import { findAccount, rolesOf } from '../db/queries/accounts'
import { isLocal } from '../people/listening'
import { LOCAL, sessionConfig, type Signed, type Who } from './who'

const NOBODY: Who = { local: false, account: null, roles: {} }

/** Who asks, by the sealed session of the request as the accounts are now; on loopback this machine itself. */
export async function signedIn(event: H3Event): Promise<Who> {
  if (isLocal()) return LOCAL
  const { data } = await getSession<Signed>(event, sessionConfig())
  if (!data.accountId) return NOBODY
  const { db } = await useStore()
  const account = await findAccount(db, data.accountId)
  if (!account || account.sessions !== data.sessions) return NOBODY
  return { local: false, account, roles: await rolesOf(db, account.id) }
}
