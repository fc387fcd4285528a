import { randomUUID } from 'node:crypto'
import { pictureType } from '~~/shared/pictureType'
import { insertDrawing } from '../../../db/queries/drawings'
import { findGarden } from '../../../db/queries/gardens'

/** Takes a picture to lay under the site plan; what it is is read from its bytes, not from its name. */
export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const bytes = await readRawBody(event, false)
  const mediaType = bytes ? pictureType(bytes) : null
  if (!bytes || !mediaType) throw refuse(422, 'That is not a PNG or JPEG picture: nothing was changed. Export the drawing as PNG, or bring in its lines as DXF, SVG or GeoJSON.')
  const { db } = await useStore()
  if (!await findGarden(db, gardenId)) throw notFound('garden')
  const id = randomUUID()
  await insertDrawing(db, gardenId, { id, mediaType, bytes })
  setResponseStatus(event, 201)
  return { drawingId: id }
})
