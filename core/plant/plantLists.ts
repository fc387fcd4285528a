import Papa from 'papaparse'
import { PLANT_COLUMNS } from './plantRow'
import type { Plant } from './plant'
import { plantCells } from './plantCells'
import { spanOut } from './spans'
import { PlantRows, type PlantCells, type PlantsRead } from './readPlants'

/** What a spreadsheet would run as a formula at the start of a cell. */
const FORMULA = /^([=+@\t\r]|-(?!\d+$))/

/** Plants as CSV, in the columns that the import reads; UTF-8 with a byte order mark, spans as a spreadsheet keeps them. */
export const plantsCsv = (plants: readonly Plant[]): string =>
  `\uFEFF${Papa.unparse(
    [
      PLANT_COLUMNS,
      ...plants.map((p) => {
        const cells = plantCells(p)
        return PLANT_COLUMNS.map((c) => safe(spanOut(c, cells[c] ?? '')))
      }),
    ],
    { newline: '\r\n' },
  )}\r\n`
const safe = (cell: string) => (FORMULA.test(cell) ? `'${cell}` : cell)

/** Plants as JSON: a list of objects with a text a column. */
export const plantsJson = (plants: readonly Plant[]): string =>
  `${JSON.stringify(plants.map(plantCells), null, 1)}\n`

const NOTHING_SAID = Object.fromEntries(PLANT_COLUMNS.map((c) => [c, '']))

/** Reads a JSON plant list as the CSV one is read: every fault named by row and column. */
export function readPlantsJson(text: string): PlantsRead {
  let list: unknown
  try {
    list = JSON.parse(text)
  } catch {
    return {
      ok: false,
      errors: [{ row: 1, column: '', came: text.slice(0, 40), expected: 'a JSON list of plants' }],
    }
  }
  const rows = Array.isArray(list) ? list : null
  if (!rows || rows.some((r) => typeof r !== 'object' || r === null || Array.isArray(r)))
    return {
      ok: false,
      errors: [{ row: 1, column: '', came: text.slice(0, 40), expected: 'a JSON list of objects, one a plant' }],
    }
  const checked = new PlantRows()
  for (const [i, cells] of (rows as Record<string, unknown>[]).entries())
    if (!checked.add(i + 2, { ...NOTHING_SAID, ...cells })) break
  return checked.done()
}

/** A plant with some cells changed; the message of the first fault when the change does not hold. */
export function changedPlant(
  base: Plant,
  change: Readonly<Record<string, string>>,
):
  | { readonly ok: true; readonly plant: Plant; readonly cells: PlantCells }
  | { readonly ok: false; readonly error: string } {
  const cells = { ...plantCells(base), ...change, botanical_name: base.botanicalName }
  const rows = new PlantRows()
  rows.add(2, cells)
  const read = rows.done()
  if (!read.ok) {
    const e = read.errors[0]!
    return { ok: false, error: `${e.column.replace(/_/g, ' ')}: “${e.came}” came, ${e.expected} was expected.` }
  }
  return { ok: true, plant: { ...read.plants[0]!, id: base.id }, cells: read.rows[0]!.cells }
}
