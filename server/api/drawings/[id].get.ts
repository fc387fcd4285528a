import { findDrawing } from '../../db/queries/drawings'

export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const drawing = await findDrawing(db, idOf(event, 'drawing'))
  if (!drawing) throw notFound('drawing')
  setResponseHeaders(event, {
    'content-type': drawing.mediaType,
    'cache-control': 'private, max-age=31536000, immutable',
    'x-content-type-options': 'nosniff',
  })
  return drawing.bytes
})
