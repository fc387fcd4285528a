import { revisionSchema } from '~~/shared/wire'
import { z } from 'zod'
import { listHistory } from '../../../../db/queries/bedHistory'
import { findBed } from '../../../../db/queries/beds'

const query = z.object({
  before: z.coerce
    .number()
    .pipe(revisionSchema)
    .default(2 ** 31 - 2),
})
const PAGE = 100

/** What was done to a bed, newest first, a page before a revision. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'bed')
  const { db } = await useStore()
  if (!(await findBed(db, id))) throw notFound('bed')
  const parsed = query.safeParse(getQuery(event))
  if (!parsed.success) throw refuse(422, 'A revision is a whole number from 0.')
  return listHistory(db, id, parsed.data.before, PAGE)
})
