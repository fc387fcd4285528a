import { z } from 'zod'
import { issueKeys } from '../../../db/queries/issuedKeys'

const askSchema = z.object({
  as: z.enum(['csv', 'xlsx']).default('csv'),
  bedId: z.string().max(80).optional(),
  lane: z.coerce.number().int().min(0).max(10).optional(),
  phase: z.coerce.number().int().min(1).max(12).optional(),
  segment: z.enum(['true', 'false']).optional(),
})
const TYPES = {
  csv: 'text/csv; charset=utf-8',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
} as const

/** The plant schedule of a garden or a part of it as a file; the letters on it are kept from then on. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success) throw refuse(400, 'Ask for as=csv or xlsx, and if you like for a bedId, a lane and a phase.')
  const { as, segment, ...scope } = ask.data
  const asked = { as, scope: { ...scope, segment: segment === 'true' } }
  const { name, value } = await reckoned(event, id, 'schedule', asked)
  await issueKeys((await useStore()).db, id, value.letters)
  attach(event, TYPES[as], name, `plant schedule.${as}`, `plant-schedule.${as}`)
  return value.file
})
