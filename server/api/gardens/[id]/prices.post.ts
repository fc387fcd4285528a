import { findSupply } from '../../../db/queries/supplies'
import { guessColumns, PRICE_FIELDS, readPriceList, type PriceColumns } from '~~/core/count'
import { readNumber, type Table } from '~~/core/exchange'
import type { PricesAnswer } from '~~/shared/answers'
import { beside } from '../../../beside/beside'
import { findGarden } from '../../../db/queries/gardens'

const SAMPLE_ROWS = 6

/**
 * Reads a nursery's price list (CSV or XLSX) and says what there is to take; the prices are kept with the lines of the schedule. `supplier`
 * names whose it is, `column.price=…` and the like which heading holds what.
 */
export default defineEventHandler(async (event): Promise<PricesAnswer> => {
  const id = idOf(event, 'garden')
  const query = getQuery(event)
  const bytes = (await readRawBody(event, false)) ?? new Uint8Array()
  const store = await useStore()
  if (!(await findGarden(store.db, id))) throw notFound('garden')
  const supplierId = String(query.supplier ?? '')
  const supplier = (await findSupply(store.db, id)).value.suppliers.find((s) => s.id === supplierId)
  const read = await beside('prices', { bytes: new Uint8Array(bytes) }, goneOf(event))
  if (!read.ok) throw refuse(422, read.error)
  const { table, encoding } = read.value
  const columns = { ...guessColumns(table.headings, supplier?.columns ?? {}), ...saidColumns(query, table) }
  if (!columns.price || (!columns.name && !columns.common))
    return { ...plain(table, columns, encoding), offers: [], unknown: [], errors: [] }
  const { plants } = await allPlants(store, id)
  return { ...plain(table, columns, encoding), ...readPriceList(table, columns, plants.values(), readNumber) }
})

const plain = (table: Table, columns: PriceColumns, encoding: string) => ({
  headings: table.headings,
  columns,
  encoding,
  rows: table.rows.length,
  sample: table.rows.slice(0, SAMPLE_ROWS).map((r) => r.cells),
})

/** Headings the user chose; one that the list does not have is left out, `-` takes a guess away. */
function saidColumns(query: Record<string, unknown>, table: Table): PriceColumns {
  const said: Record<string, string | undefined> = {}
  for (const field of PRICE_FIELDS) {
    const heading = query[`column.${field}`]
    if (heading === '-') said[field] = undefined
    else if (typeof heading === 'string' && table.headings.includes(heading)) said[field] = heading
  }
  return said as PriceColumns
}
