import Papa from 'papaparse'
import { decodeText } from './decodeText'
import { readCsvTable } from './readTable'

const DECIMAL_COMMA = /^-?\d+,\d+$/

/**
 * A list as plain CSV text with commas and points: whatever its encoding, its delimiter, and the title rows above its headings. What is no
 * table comes back as the text it is, for its reader to say what is wrong.
 */
export function plainList(bytes: Uint8Array): string {
  const { text } = decodeText(bytes)
  if (/^\s*[[{]/.test(text)) return text
  const table = readCsvTable(text)
  if (!table.ok) return text
  const { headings, rows } = table.value
  const cells = rows.map((r) => r.cells.map((c) => (DECIMAL_COMMA.test(c) ? c.replace(',', '.') : c)))
  return Papa.unparse([[...headings], ...cells], { newline: '\n' })
}
