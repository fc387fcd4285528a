import type { SharesAnswer } from '~~/shared/answers'
import { listShares, notesOfGarden } from '../../../../db/queries/shares'

/** The links of a garden, and what was said over them. */
export default defineEventHandler(async (event): Promise<SharesAnswer> => {
  const id = idOf(event, 'garden')
  const { db } = await useStore()
  return { shares: await listShares(db, id), notes: await notesOfGarden(db, id) }
})
