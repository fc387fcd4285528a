import Papa from 'papaparse'
import { fail, ok, type Result } from '../result'

/** A table as read from a list: its headings, and its rows with the line each had in the file (1 is the first line). */
export interface Table {
  readonly headings: readonly string[]
  readonly rows: readonly { readonly line: number; readonly cells: readonly string[] }[]
}

const MOST_ROWS = 20_000
/** The heading is the first row that fills at least this share of the widest row's cells. */
const HEADING_SHARE = 0.6
const LOOKED_AT = 30

/** Reads CSV text whose delimiter (comma, semicolon, tab, bar) and title rows are found by themselves. */
export function readCsvTable(text: string): Result<Table> {
  const delimiters = [',', ';', '\t', '|']
  // A delimiter that breaks the first rows evenly is the right one; the package's own guess fails on title rows and decimal commas.
  const widths = delimiters.map((delimiter) => widthBy(text, delimiter))
  const delimiter = delimiters[widths.indexOf(Math.max(...widths))]!
  const parsed = Papa.parse<string[]>(text, { delimiter, preview: MOST_ROWS + LOOKED_AT })
  return toTable(parsed.data)
}

/** How many cells most of the first rows have by a delimiter, less for rows that differ. */
function widthBy(text: string, delimiter: string): number {
  const { data } = Papa.parse<string[]>(text, { delimiter, preview: LOOKED_AT })
  const counts = new Map<number, number>()
  for (const row of data) if (row.length > 1) counts.set(row.length, (counts.get(row.length) ?? 0) + 1)
  let best = 0
  for (const [width, rows] of counts) best = Math.max(best, rows * Math.min(width, 40) ** 0.5)
  return best
}

/** Rows of cells as a table: title rows before the headings and empty rows are left out. */
export function toTable(rows: readonly (readonly string[])[]): Result<Table> {
  const filled = rows.map((r) => r.filter((c) => c.trim() !== '').length)
  const widest = Math.max(0, ...filled)
  if (widest < 2)
    return fail(
      'No table was found: a list needs a row of headings, and at least two columns such as name and price.',
    )
  const head = filled.findIndex((n) => n >= widest * HEADING_SHARE)
  const headings = rows[head]!.map((c) => c.replace(/\s+/g, ' ').trim())
  const list = rows
    .map((cells, i) => ({ line: i + 1, cells: headings.map((_, c) => (cells[c] ?? '').trim()) }))
    .slice(head + 1)
    .filter((r) => r.cells.some((c) => c !== ''))
  if (list.length === 0) return fail('The list has headings but no rows below them.')
  if (list.length > MOST_ROWS) return fail(`The list has more than ${MOST_ROWS} rows: split it.`)
  return ok({ headings, rows: list })
}

/** A number as lists write it: `1,234.50`, `1.234,50`, `12,5`, `€ 4.20`; null when it is none. */
export function readNumber(text: string): number | null {
  const digits = text.replace(/[^\d.,-]/g, '')
  if (!/\d/.test(digits)) return null
  const [comma, dot] = [digits.lastIndexOf(','), digits.lastIndexOf('.')]
  const decimal = comma > dot ? ',' : '.'
  const parts = digits.split(decimal)
  const isGroup =
    parts.length > 2 ||
    (Math.min(comma, dot) < 0 && parts.length === 2 && /^-?[1-9]\d{0,2}$/.test(parts[0]!) && parts[1]!.length === 3)
  const plain = isGroup
    ? digits.replace(/[.,]/g, '')
    : digits.replace(decimal === ',' ? /\./g : /,/g, '').replace(',', '.')
  const value = Number(plain)
  return Number.isFinite(value) ? value : null
}
