import Papa from 'papaparse'
import { fail, ok, type Result } from '../result'
import type { Plant } from './plant'
import { NEEDED_COLUMNS, PLANT_COLUMNS, plantRowSchema, type PlantRow } from './plantRow'
import { spanIn } from './spans'
import { filledCells, traitsOf } from './traitCells'

/** One thing wrong with a plant list: row 1 is the header, as a spreadsheet numbers it. */
export interface RowError {
  readonly row: number
  readonly column: string
  readonly came: string
  readonly expected: string
}
/** A row's texts by column. */
export type PlantCells = Readonly<Record<string, string>>
export type PlantsRead =
  | {
      readonly ok: true
      readonly plants: readonly Plant[]
      readonly rows: readonly { readonly plant: Plant; readonly cells: PlantCells }[]
    }
  | { readonly ok: false; readonly errors: readonly RowError[] }

const ERROR_LIMIT = 200
/** More plants than this are no list that people keep: it is to be split. */
export const MOST_PLANTS = 5000

/** Checks rows one by one, and asks for no more once enough is wrong. */
export class PlantRows {
  private readonly errors: RowError[] = []
  private readonly rows: { plant: Plant; cells: PlantCells }[] = []
  private readonly rowOf = new Map<string, number>()

  /** Takes a row's texts; false when no further row need be looked at. */
  add(row: number, said: Readonly<Record<string, unknown>>): boolean {
    if (this.rows.length >= MOST_PLANTS) {
      this.wrong({
        row,
        column: '',
        came: 'one more plant',
        expected: `a list of at most ${MOST_PLANTS}: split it`,
      })
      return false
    }
    const known = PLANT_COLUMNS.filter((c) => said[c] !== undefined)
    const cells = Object.fromEntries(known.map((c) => [c, spanIn(c, textOf(said[c]))]))
    const read = plantRowSchema.safeParse(cells)
    if (read.success) this.take(row, toPlant(read.data), cells)
    else
      for (const issue of read.error.issues) {
        const column = String(issue.path[0] ?? '')
        this.wrong({ row, column, came: shorten(cells[column] || '(nothing)'), expected: issue.message })
      }
    return this.errors.length < ERROR_LIMIT
  }

  wrong(error: RowError) {
    if (this.errors.length < ERROR_LIMIT) this.errors.push(error)
  }

  done(): PlantsRead {
    const { errors, rows } = this
    if (rows.length === 0 && errors.length === 0)
      this.wrong({ row: 2, column: '', came: '(nothing)', expected: 'at least one plant below the header' })
    return errors.length > 0 ? { ok: false, errors } : { ok: true, plants: rows.map((r) => r.plant), rows }
  }

  private take(row: number, plant: Plant, cells: PlantCells) {
    const first = this.rowOf.get(plant.id)
    if (first) {
      const expected = `a name that is not in the list already (row ${first})`
      this.wrong({ row, column: 'botanical_name', came: plant.botanicalName, expected })
    }
    this.rowOf.set(plant.id, first ?? row)
    const filled = filledCells(cells)
    this.rows.push({ plant, cells: Object.fromEntries(PLANT_COLUMNS.map((c) => [c, filled[c] ?? ''])) })
  }
}

/** Reads a whole plant list (CSV text with a header row). Either every row is right, or nothing is taken and each fault is named. */
export function readPlants(csv: string): PlantsRead {
  const text = csv.replace(/^\uFEFF/, '')
  // The header alone first: a file that is no list is not taken apart row by row.
  const first = Papa.parse<string[]>(text, { preview: 1, skipEmptyLines: 'greedy' })
  const fields = first.data[0] ?? []
  const header = checkHeader(fields)
  if (!header.ok)
    return {
      ok: false,
      errors: [{ row: 1, column: '', came: fields.slice(0, 80).join(',').slice(0, 80), expected: header.error }],
    }
  const rows = new PlantRows()
  let row = 1
  Papa.parse<Record<string, string>>(text, {
    header: true,
    delimiter: first.meta.delimiter,
    skipEmptyLines: 'greedy',
    step: ({ data, errors }, parser) => {
      row++
      for (const e of errors) {
        const expected = `${fields.length} cells, quotes in pairs (${e.message})`
        rows.wrong({ row, column: '', came: e.code, expected })
      }
      if (!rows.add(row, data)) parser.abort()
    },
  })
  return rows.done()
}

/** The plant of a row that was checked before; throws when it no longer holds. */
export const plantFromCells = (cells: PlantCells): Plant => toPlant(plantRowSchema.parse(cells))

/** `row 4, spread_m: “wide” came, a number from 0.03 to 30 was expected` */
export const describeRowError = (e: RowError) =>
  `row ${e.row}${e.column ? `, ${e.column}` : ''}: “${e.came}” came, ${e.expected} was expected`

function checkHeader(fields: readonly string[]): Result<true> {
  const missing = NEEDED_COLUMNS.filter((c) => !fields.includes(c))
  return missing.length > 0
    ? fail(
        `a header with the columns ${missing.slice(0, 6).join(', ')}${missing.length > 6 ? ` and ${missing.length - 6} more` : ''}`,
      )
    : ok(true)
}

/** `Taxus × media 'Hicksii'` → `taxus-x-media-hicksii` */
export const plantId = (botanicalName: string) =>
  botanicalName
    .toLowerCase()
    .replace(/×/g, 'x')
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')

function toPlant(row: PlantRow): Plant {
  return {
    id: plantId(row.botanical_name),
    botanicalName: row.botanical_name,
    commonName: row.common_name,
    kind: row.kind,
    lifeCycle: row.life_cycle,
    foliageHeightM: row.foliage_height_m,
    flowerHeightM: row.flower_height_m,
    spreadM: row.spread_m,
    yearsTo90: row.years_to_90,
    habit: row.habit,
    clearStemM: row.clear_stem_m,
    leafSize: row.leaf_size,
    leafOutline: row.leaf_outline,
    leafSurface: row.leaf_surface,
    density: row.density,
    foliage: {
      spring: row.spring_colour,
      summer: row.summer_colour,
      autumn: row.autumn_colour,
      winter: row.winter_colour,
    },
    retention: row.retention,
    flowerColour: row.flower_colour,
    flowerMonths: row.flower_months,
    flowerForm: row.flower_form,
    fragrance: row.fragrance,
    sun: { brightest: row.sun[0], darkest: row.sun[1] },
    water: { driest: row.water[0], wettest: row.water[1] },
    soils: row.soil,
    ph: { low: row.ph[0], high: row.ph[1] },
    zones: { coldest: row.zones[0], warmest: row.zones[1] },
    travels: row.travels,
    runMPerYear: row.run_m_per_year,
    deer: row.deer,
    rabbits: row.rabbits,
    hazards: row.hazards,
    invasiveNote: row.invasive_note,
    pruningGroup: row.pruning_group,
    pruningMonths: row.pruning_months,
    spacingHabit: row.spacing_habit,
    sizes: row.sizes,
    ...traitsOf(row),
  }
}

/** A cell as text: lists and objects of a JSON list are none. */
function textOf(cell: unknown): string {
  if (typeof cell === 'string') return cell
  return typeof cell === 'number' || typeof cell === 'boolean' ? String(cell) : ''
}
const shorten = (s: string) => (s.length > 60 ? `${s.slice(0, 60)}…` : s)
