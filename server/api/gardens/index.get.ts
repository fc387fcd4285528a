import { z } from 'zod'
import { gardenSummaries } from '../../services/gardenSummaries'

const MOST = 250
const askSchema = z.object({
  find: z.string().max(120).default(''),
  from: z.coerce.number().int().min(0).max(1_000_000).default(0),
  most: z.coerce.number().int().min(1).max(MOST).default(50),
})

/** A part of the list of gardens, oldest first; how many there are in all stands in `x-total-count`, the next part in `link`. */
export default defineEventHandler(async (event) => {
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success)
    throw refuse(400, `Ask for find (a part of a name or town), from (0 or more) and most (1 to ${MOST}).`)
  const { list, total } = await gardenSummaries((await useStore()).db, {
    ...ask.data,
    seen: gardensSeen(whoOf(event)),
  })
  const { find, from, most } = ask.data
  setResponseHeader(event, 'x-total-count', String(total))
  const next = new URLSearchParams({ find, most: String(most), from: String(from + most) })
  if (from + most < total) setResponseHeader(event, 'link', `</api/gardens?${next.toString()}>; rel="next"`)
  return list
})
