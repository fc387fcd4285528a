import { findBedPicture } from '../../../db/queries/bedCards'

/** The kept picture of a bed; the address names what it shows, so it may be kept for good. */
export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const picture = await findBedPicture(db, idOf(event, 'bed'))
  if (!picture) throw notFound('picture')
  const asked = getQuery(event).shows
  setResponseHeaders(event, {
    'content-type': picture.mediaType,
    'cache-control': asked === picture.shows ? 'private, max-age=31536000, immutable' : 'no-cache',
    'x-content-type-options': 'nosniff',
  })
  return picture.bytes
})
