import { z } from 'zod'
import { orderRows, rowsCsv } from '~~/core/count'
import { findGarden } from '../../../db/queries/gardens'
import { findSupply } from '../../../db/queries/supplies'
import { writeWorkbook } from '../../../services/workbook'

const askSchema = z.object({ order: z.string().max(80), as: z.enum(['csv', 'xlsx']).default('csv') })
const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'

/** An order as a file to be sent to its supplier. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success) throw refuse(400, 'Ask for an order by its id, as=csv or xlsx.')
  const store = await useStore()
  const garden = await findGarden(store.db, id)
  if (!garden) throw notFound('garden')
  const { value: supply } = await findSupply(store.db, id)
  const order = supply.orders.find((o) => o.id === ask.data.order)
  if (!order) throw notFound('order')
  const table = orderRows(order, (await allPlants(store, id)).plants)
  const supplier = supply.suppliers.find((s) => s.id === order.supplierId)?.name ?? 'order'
  attach(
    event,
    ask.data.as === 'csv' ? 'text/csv; charset=utf-8' : XLSX,
    garden.value.name,
    `order ${supplier}.${ask.data.as}`,
    `order.${ask.data.as}`,
  )
  return ask.data.as === 'csv' ? rowsCsv(table) : writeWorkbook([{ name: 'Order', ...table }])
})
