import type { StoredBed } from '~~/shared/answers'
import { beside } from '../../../beside/beside'
import { bedOfText, bedTextsOf } from '../../../db/queries/beds'

/** More than this is read and checked beside the server, letters. */
const CHECKED_HERE = 200_000

/** All beds of a garden; a large answer is a JSON text already. */
export default defineEventHandler(async (event): Promise<StoredBed[] | string> => {
  const gardenId = idOf(event, 'garden')
  const beds = await bedTextsOf((await useStore()).db, gardenId)
  if (beds.reduce((n, b) => n + b.text.length, 0) <= CHECKED_HERE) return beds.map(bedOfText)
  const read = await beside('beds', { beds }, goneOf(event))
  if (!read.ok) throw refuse(503, `These beds are very large, and ${read.error}`)
  setResponseHeader(event, 'content-type', 'application/json')
  return read.value
})
