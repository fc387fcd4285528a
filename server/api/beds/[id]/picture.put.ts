import { z } from 'zod'
import { keepBedPicture } from '../../../db/queries/bedCards'

const LARGEST_MB = 1
const askSchema = z.object({ shows: z.string().regex(/^\d+-\d+-\d+$/) })

/** Keeps a small picture that a browser drew of a bed, if it shows the bed as it is stored now. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'bed')
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success)
    throw refuse(400, 'Say what the picture shows: the revisions of bed, site and brief, as the list has them.')
  const picture = await readPicture(event, LARGEST_MB, 'It is drawn again when the list is next looked at.')
  return { kept: await keepBedPicture((await useStore()).db, id, { shows: ask.data.shows, ...picture }) }
})
