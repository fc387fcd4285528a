import { revokeShare } from '../../../../db/queries/shares'

/** Ends a link at once. */
export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const share = getRouterParam(event, 'share') ?? ''
  if (!(await db.transaction((tx) => revokeShare(tx, idOf(event, 'garden'), share)))) throw notFound('link')
  return { revoked: true }
})
