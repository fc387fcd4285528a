import type Excel from 'exceljs'
import { toTable, type Table } from '../../core/exchange'
import type { Result } from '../../core/result'

/** A large package, for those who write or read a workbook. In one file: its own dependencies are not found beside the built server. */
async function loadExcel(): Promise<typeof Excel> {
  // @ts-expect-error that file brings no types along; they are the package's.
  const loaded = (await import('exceljs/dist/exceljs.min.js')) as { readonly default: typeof Excel }
  return loaded.default
}

type Cell = string | number
/** One sheet of a workbook: its name, headings and rows; columns of money by their place. */
interface SheetRows {
  readonly name: string
  readonly headings: readonly string[]
  readonly rows: readonly (readonly Cell[])[]
  readonly money?: readonly number[]
}

const LONGEST_SHEET_NAME = 31
const WIDEST = 46

/** Sheets as an XLSX workbook: headings bold and kept in view, columns as wide as what they hold. */
export async function writeWorkbook(sheets: readonly SheetRows[]): Promise<Uint8Array> {
  const { Workbook } = await loadExcel()
  const book = new Workbook()
  book.creator = 'Amber Terrace'
  for (const { name, headings, rows, money = [] } of sheets) {
    const sheet = book.addWorksheet(name.replace(/[\\/?*[\]:]/g, ' ').slice(0, LONGEST_SHEET_NAME), {
      views: [{ state: 'frozen', ySplit: 1 }],
    })
    sheet.addRow([...headings]).font = { bold: true }
    for (const row of rows) sheet.addRow([...row])
    headings.forEach((heading, i) => {
      const longest = rows.reduce((most, r) => Math.max(most, String(r[i] ?? '').length), heading.length)
      sheet.getColumn(i + 1).width = Math.min(WIDEST, longest + 2)
      if (money.includes(i)) sheet.getColumn(i + 1).numFmt = '#,##0.00'
    })
  }
  return new Uint8Array(await book.xlsx.writeBuffer())
}

/** The first sheet of a workbook as a table; formulas count by what they gave last. Throws when it is no workbook. */
export async function readWorkbook(bytes: Uint8Array): Promise<Result<Table>> {
  const { Workbook } = await loadExcel()
  const book = new Workbook()
  await book.xlsx.load(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer)
  const sheet = book.worksheets.find((s) => s.actualRowCount > 0)
  const rows: string[][] = []
  sheet?.eachRow({ includeEmpty: true }, (row) => {
    const cells: string[] = []
    for (let i = 1; i <= row.cellCount; i++) cells.push(row.getCell(i).text ?? '')
    rows.push(cells)
  })
  return toTable(rows)
}
