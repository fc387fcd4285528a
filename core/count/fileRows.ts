import Papa from 'papaparse'
import { inUnits, type Units } from '../measure'
import type { GardenCount } from './gardenCount'

/** Headings and rows for a file; `money` names the columns of money by their place. */
export interface FileRows {
  readonly headings: readonly string[]
  readonly rows: readonly (readonly (string | number)[])[]
  readonly money?: readonly number[]
}

/** What a spreadsheet would run as a formula at the start of a cell. */
const FORMULA = /^[=+\-@\t\r]/
/** What a spreadsheet would take for a time or a date: `6:8`, `3/4`. */
const LIKE_TIME = /^\d{1,2}[:/]\d{1,2}$/

const safeCell = (cell: string | number): string | number => {
  if (typeof cell !== 'string') return cell
  if (LIKE_TIME.test(cell)) return cell.replace(/[:/]/, ' to ')
  return FORMULA.test(cell) ? `'${cell}` : cell
}

/**
 * Rows as CSV: UTF-8 with a byte order mark, CRLF lines; cells that begin like a formula are made safe with an apostrophe, ranges that a
 * spreadsheet would take for a time are written `6 to 8`. Money has two decimals.
 */
export function rowsCsv({ headings, rows, money = [] }: FileRows, units: Units = 'metric'): string {
  const said = (cell: FileRows['rows'][number][number]) => (typeof cell === 'string' ? inUnits(cell, units) : cell)
  const cells = rows.map((row) =>
    row.map((cell, i) => safeCell(money.includes(i) && typeof cell === 'number' ? cell.toFixed(2) : said(cell))),
  )
  return `\uFEFF${Papa.unparse([headings.map((h) => safeCell(h)), ...cells], { newline: '\r\n' })}\r\n`
}

const HEADINGS = [
  ...['Letter', 'Botanical name', 'Common name', 'Drawn', 'Spare', 'There', 'Buy', 'Sold by', 'Size', 'Price each'],
  ...['Total', 'Phase', 'Ordered', 'Received', 'Planted', 'How far', 'Note'],
]

/** The lines of a count as rows, with their sum. */
export const countRows = (count: GardenCount): FileRows => ({
  headings: HEADINGS,
  money: [9, 10],
  rows: [
    ...count.lines.map((l) => [
      ...[l.key, l.plant.botanicalName, l.plant.commonName, l.need, l.spare, l.used, l.buy, l.pack, l.size.label],
      ...[l.price, l.total, l.phase, l.ordered.ordered, l.ordered.received, l.planted, l.state, l.settled.note],
    ]),
    ['', 'Total', '', count.plants, '', '', count.buy, '', '', '', count.total, '', '', '', '', '', ''],
  ],
})
