import { guessColumns, PRICE_FIELDS, readPriceList, type PriceColumns } from '~~/core/count'
import { decodeText, readCsvTable, readNumber, type Table } from '~~/core/exchange'
import type { PricesAnswer } from '~~/shared/wire'
import { readWorkbook } from '../../../services/workbook'
import { findGarden } from '../../../db/queries/gardens'
import { findSupply } from '../../../db/queries/supplies'

const SAMPLE_ROWS = 6
const isZip = (bytes: Uint8Array) => bytes[0] === 0x50 && bytes[1] === 0x4b

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
  const { table, encoding } = await readTable(new Uint8Array(bytes))
  const columns = { ...guessColumns(table.headings, supplier?.columns ?? {}), ...saidColumns(query, table) }
  if (!columns.price || (!columns.name && !columns.common))
    return { ...plain(table, columns, encoding), offers: [], unknown: [], errors: [] }
  const { plants } = await allPlants(store, id)
  const read = readPriceList(table, columns, plants.values(), readNumber)
  return { ...plain(table, columns, encoding), ...read }
})

const plain = (table: Table, columns: PriceColumns, encoding: string) => ({
  headings: table.headings,
  columns,
  encoding,
  rows: table.rows.length,
  sample: table.rows.slice(0, SAMPLE_ROWS).map((r) => r.cells),
})

async function readTable(bytes: Uint8Array): Promise<{ table: Table; encoding: string }> {
  if (bytes.length === 0) throw refuse(422, 'The file is empty: a price list as CSV or XLSX was expected.')
  if (isZip(bytes)) {
    const read = await readWorkbook(bytes).catch(() => null)
    if (!read)
      throw refuse(
        422,
        'Nothing was read: that is no XLSX workbook, or it is cut short. Save it again as XLSX or as CSV.',
      )
    if (!read.ok) throw refuse(422, read.error)
    return { table: read.value, encoding: 'XLSX' }
  }
  const { text, encoding } = decodeText(bytes)
  const read = readCsvTable(text)
  if (!read.ok) throw refuse(422, read.error)
  return { table: read.value, encoding }
}

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
