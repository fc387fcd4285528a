import { findDrawing, insertDrawing } from '../../../../db/queries/drawings'
import { findGarden } from '../../../../db/queries/gardens'

const LARGEST_MB = 4

/**
 * Keeps a photo of the log under the id that its device gave it; the same one again changes nothing. Photos come resized by the browser:
 * what is larger is refused.
 */
export default defineEventHandler(async (event) => {
  const gardenId = idOf(event, 'garden')
  const id = getRouterParam(event, 'photo') ?? ''
  if (!/^[A-Za-z0-9-]{8,64}$/.test(id))
    throw refuse(400, 'A photo has an id of 8 to 64 letters, digits and dashes.')
  const picture = await readPicture(event, LARGEST_MB, 'Take the photo again, or choose another file.')
  const { db } = await useStore()
  if (!(await findGarden(db, gardenId))) throw notFound('garden')
  if (!(await findDrawing(db, id))) await insertDrawing(db, gardenId, { id, ...picture })
  return { photoId: id }
})
