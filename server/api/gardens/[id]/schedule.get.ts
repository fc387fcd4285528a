import { z } from 'zod'
import { countRows, gardenCount, rowsCsv } from '~~/core/count'
import { countInputOf } from '../../../services/gardenCounts'
import { issueKeys } from '../../../db/queries/issuedKeys'
import { writeWorkbook } from '../../../services/workbook'

const askSchema = z.object({
  as: z.enum(['csv', 'xlsx']).default('csv'),
  bedId: z.string().max(80).optional(),
  lane: z.coerce.number().int().min(0).max(10).optional(),
  phase: z.coerce.number().int().min(1).max(12).optional(),
  segment: z.enum(['true', 'false']).optional(),
})

/** The plant schedule of a garden or a part of it as a file; the letters on it are kept from then on. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success) throw refuse(400, 'Ask for as=csv or xlsx, and if you like for a bedId, a lane and a phase.')
  const store = await useStore()
  const found = await countInputOf(store.db, id, plantsOf(store))
  if (!found) throw notFound('garden')
  const { as, segment, ...scope } = ask.data
  const count = gardenCount(found.input, { ...scope, segment: segment === 'true' })
  await issueKeys(store.db, id, new Map(count.lines.map((l) => [l.plant.id, l.key])))
  const table = countRows(count)
  const type =
    as === 'csv' ? 'text/csv; charset=utf-8' : 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'
  attach(event, type, found.name, `plant schedule.${as}`, `plant-schedule.${as}`)
  return as === 'csv' ? rowsCsv(table) : writeWorkbook([{ name: 'Plant schedule', ...table }])
})
