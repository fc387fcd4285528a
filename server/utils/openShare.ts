import { createHash } from 'node:crypto'
import type { H3Event } from 'h3'
import { findShare, type Share } from '../db/queries/shares'

/** What a link is kept as: from it the link cannot be told. */
export const markOf = (link: string) => createHash('sha256').update(link).digest('hex')

/** Links that were entered with their word, in a sealed cookie of their own. */
export interface Entered {
  readonly shares?: readonly string[]
}
export const enteredConfig = () => ({ ...sessionConfig(), name: 'amber-shown' })

/** The share behind a link, whether or not its word was entered; one that ended is as one that never was. */
export async function shareOf(event: H3Event): Promise<Share> {
  const link = getRouterParam(event, 'link') ?? ''
  const share = /^[A-Za-z0-9_-]{20,80}$/.test(link)
    ? await findShare((await useStore()).db, markOf(link), today())
    : null
  if (!share) throw refuse(404, 'This link has ended, or was never given. Ask the designer for a new one.')
  return share
}

/** The share behind a link that may be looked at now. */
export async function openShare(event: H3Event): Promise<Share> {
  const share = await shareOf(event)
  if (share.word === null) return share
  const { data } = await getSession<Entered>(event, enteredConfig())
  if (!data.shares?.includes(share.id)) throw refuse(403, 'Enter the word you were given.', { needsWord: true })
  return share
}
