import { decodeText, readCsvTable, type Table } from '../../core/exchange'
import { fail, ok, type Result } from '../../core/result'
import { inflate } from '../archive/inflate'
import { readWorkbook } from './workbook'

export interface PriceTable {
  readonly table: Table
  readonly encoding: string
}

const isZip = (bytes: Uint8Array) => bytes[0] === 0x50 && bytes[1] === 0x4b
/** A workbook is counted out before it is read: what reads it knows no limits. */
const WORKBOOK = { mostBytes: 24 * 1048576, mostFiles: 500, wanted: () => true }

/** The bytes of a price list as a table: XLSX by its first sheet, or CSV in whatever encoding. */
export async function readPriceTable(bytes: Uint8Array): Promise<Result<PriceTable>> {
  if (bytes.length === 0) return fail('The file is empty: a price list as CSV or XLSX was expected.')
  if (isZip(bytes)) {
    const counted = inflate(bytes, WORKBOOK)
    if (!counted.ok) return fail(`Nothing was read: ${counted.error}`)
    const read = await readWorkbook(bytes).catch(() => null)
    if (!read)
      return fail(
        'Nothing was read: that is no XLSX workbook, or it is cut short. Save it again as XLSX or as CSV.',
      )
    return read.ok ? ok({ table: read.value, encoding: 'XLSX' }) : read
  }
  const { text, encoding } = decodeText(bytes)
  const read = readCsvTable(text)
  return read.ok ? ok({ table: read.value, encoding }) : read
}
