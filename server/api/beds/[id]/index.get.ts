import type { StoredBed } from '~~/shared/answers'
import { latestSteps } from '../../../db/queries/bedHistory'
import { findBed } from '../../../db/queries/beds'

const STEPS = 200

/** A bed with its latest steps, so that undo goes on where it was. */
export default defineEventHandler(async (event): Promise<StoredBed> => {
  const { db } = await useStore()
  const bed = await findBed(db, idOf(event, 'bed'))
  if (!bed) throw notFound('bed')
  return { ...bed, steps: await latestSteps(db, bed.id, STEPS) }
})
