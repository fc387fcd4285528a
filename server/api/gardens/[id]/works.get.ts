import { z } from 'zod'

const askSchema = z.object({ as: z.enum(['ics', 'csv']).default('csv') })
const TYPES = { ics: 'text/calendar; charset=utf-8', csv: 'text/csv; charset=utf-8' } as const

/** The order of works as a calendar or as rows. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success) throw refuse(400, 'Ask for as=ics or csv.')
  const { as } = ask.data
  const { name, value } = await reckoned(event, id, 'works', { as })
  attach(event, TYPES[as], name, `order of works.${as}`, `order-of-works.${as}`)
  return value
})
