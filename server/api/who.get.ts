import type { WhoAnswer } from '~~/shared/answers'

/** Who is signed in. */
export default defineEventHandler((event): WhoAnswer => {
  const { local, account, roles } = whoOf(event)
  if (!account) return { local, account: null, roles }
  const { id, login, name, owner } = account
  return { local, account: { id, login, name, owner }, roles: owner ? {} : roles }
})
