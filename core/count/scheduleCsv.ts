import Papa from 'papaparse'
import type { Schedule } from './schedule'

const COLUMNS = ['Key', 'Botanical name', 'Common name', 'Need', 'Have', 'Buy', 'Size', 'Price each', 'Total']
/** What a spreadsheet would run as a formula at the start of a cell. */
const FORMULA = /^[=+\-@\t\r]/

/** The schedule as CSV: UTF-8 with a byte order mark, CRLF lines, cells that begin like a formula made safe with an apostrophe. */
export function scheduleCsv(schedule: Schedule): string {
  const rows = schedule.lines.map((l) => [
    l.key,
    l.plant.botanicalName,
    l.plant.commonName,
    l.need,
    l.have,
    l.buy,
    l.size.label,
    l.size.price.toFixed(2),
    l.total.toFixed(2),
  ])
  const whole = [
    '',
    'Total',
    '',
    schedule.plants,
    '',
    schedule.lines.reduce((s, l) => s + l.buy, 0),
    '',
    '',
    schedule.total.toFixed(2),
  ]
  return `\uFEFF${Papa.unparse(
    [COLUMNS, ...rows, whole].map((row) => row.map(safeCell)),
    { newline: '\r\n' },
  )}\r\n`
}

const safeCell = (cell: string | number) => (typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell)
