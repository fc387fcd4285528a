import { z } from 'zod'
import { SHEET_VIEWS } from '~~/core/scene'
import { gardenOf } from '~~/server/db/queries/gardens'
import { SHEET_FILES } from '../../../services/sheetAsk'
import { readFonts } from '../../../utils/readFonts'

const askSchema = z.object({
  view: z.enum(SHEET_VIEWS),
  as: z.enum(SHEET_FILES),
  month: z.coerce.number().int().min(1).max(12).default(6),
  year: z.coerce.number().int().min(0).max(30).default(3),
})

const TYPES = { pdf: 'application/pdf', svg: 'image/svg+xml', dxf: 'application/dxf' } as const

/** The plan or the elevation of a bed as a file. */
export default defineEventHandler(async (event) => {
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success)
    throw refuse(
      400,
      'Ask for view=plan or elevation, as=pdf, svg or dxf, a month from 1 to 12 and a year from 0 to 30.',
    )
  const bedId = idOf(event, 'bed')
  const gardenId = await gardenOf((await useStore()).db, 'bed', bedId)
  if (!gardenId) throw notFound('bed')
  const { value } = await reckoned(event, gardenId, 'sheet', { bedId, fonts: await readFonts(), ...ask.data })
  if (!value) throw notFound('bed')
  const { view, as } = ask.data
  attach(event, TYPES[as], value.name, `${view}.${as}`, `${view}.${as}`)
  return value.file
})
