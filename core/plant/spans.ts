/** Columns whose cells are a span of two figures, `6:8`, and those that hold months, `6-8|11`. */
const SPANS = new Set(['ph', 'zones', 'heat_zone', 'germination_days', 'height_range_m', 'spread_range_m'])
const isMonths = (column: string) => column.endsWith('_months')

/** A cell as a spreadsheet keeps it: `6:8` would become a time there, `6-8` a date. Both are written `6 to 8`. */
export function spanOut(column: string, cell: string): string {
  if (SPANS.has(column)) return cell.replace(/^([\d.]+):([\d.]+)$/, '$1 to $2')
  return isMonths(column) ? cell.replace(/(\d+)-(\d+)/g, '$1 to $2') : cell
}

/** A cell as it is read, from `6 to 8` as from `6:8`. */
export function spanIn(column: string, cell: string): string {
  if (SPANS.has(column)) return cell.replace(/^\s*([\d.]+)\s+to\s+([\d.]+)\s*$/, '$1:$2')
  return isMonths(column) ? cell.replace(/(\d+)\s+to\s+(\d+)/g, '$1-$2') : cell
}
