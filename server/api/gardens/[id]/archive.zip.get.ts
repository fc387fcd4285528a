import { packGarden } from '../../../archive/packGarden'

/** The whole garden as one open archive. */
export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const zip = await packGarden(db, idOf(event, 'garden'))
  if (!zip) throw notFound('garden')
  setResponseHeaders(event, {
    'content-type': 'application/zip',
    'content-disposition': 'attachment; filename="garden.zip"',
  })
  return zip
})
