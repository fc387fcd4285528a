import { revisionSchema } from '~~/shared/wire'
import { findBed } from '../../../../db/queries/beds'
import { bedAt } from '../../../../beside/bedEdits'

/** A bed as it was at a revision. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'bed')
  const revision = revisionSchema.safeParse(Number(getRouterParam(event, 'revision')))
  const { db } = await useStore()
  const stored = await findBed(db, id)
  if (!stored) throw notFound('bed')
  const bed = revision.success && revision.data <= stored.revision ? await bedAt(db, id, revision.data) : null
  if (!bed) throw refuse(404, 'There is no such earlier state of this bed. Choose one from its history.')
  return bed
})
