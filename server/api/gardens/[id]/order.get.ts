import { z } from 'zod'

const askSchema = z.object({ order: z.string().max(80), as: z.enum(['csv', 'xlsx']).default('csv') })
const TYPES = {
  csv: 'text/csv; charset=utf-8',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
} as const

/** An order as a file to be sent to its supplier. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success) throw refuse(400, 'Ask for an order by its id, as=csv or xlsx.')
  const { order: orderId, as } = ask.data
  const { name, value } = await reckoned(event, id, 'order', { orderId, as })
  if (!value) throw notFound('order')
  attach(event, TYPES[as], name, `order ${value.supplier}.${as}`, `order.${as}`)
  return value.file
})
