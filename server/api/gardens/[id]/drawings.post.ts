import { randomUUID } from 'node:crypto'
import { insertDrawing } from '../../../db/queries/drawings'
import { findGarden } from '../../../db/queries/gardens'

const LARGEST_MB = 16

/** Takes a picture to lay under the site plan; what it is is read from its bytes, not from its name. */
export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const picture = await readPicture(
    event,
    LARGEST_MB,
    'Export the drawing as PNG, or bring in its lines as DXF, SVG or GeoJSON.',
  )
  const { db } = await useStore()
  if (!(await findGarden(db, gardenId))) throw notFound('garden')
  const id = randomUUID()
  await insertDrawing(db, gardenId, { id, ...picture })
  setResponseStatus(event, 201)
  return { drawingId: id }
})
