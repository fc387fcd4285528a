import { packGarden, TooLarge } from '../../../beside/packGarden'

/** The whole garden as one open archive. */
export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const zip = await packGarden(db, idOf(event, 'garden')).catch((error: unknown) => {
    throw error instanceof TooLarge ? refuse(503, `This garden is very large, and ${error.message}`) : error
  })
  if (!zip) throw notFound('garden')
  setResponseHeaders(event, {
    'content-type': 'application/zip',
    'content-disposition': 'attachment; filename="garden.zip"',
  })
  return zip
})
