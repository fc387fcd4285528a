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

/** Reads a whole plant list (CSV text with a header row). Either every row is right, or nothing is taken and each fault is named. */
export function readPlants(csv: string): PlantsRead {
  const parsed = Papa.parse<Record<string, string>>(csv.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  })
  const header = checkHeader(parsed.meta.fields ?? [])
  if (!header.ok)
    return {
      ok: false,
      errors: [
        { row: 1, column: '', came: (parsed.meta.fields ?? []).join(',').slice(0, 80), expected: header.error },
      ],
    }
  const errors: RowError[] = parsed.errors.map((e) => ({
    row: (e.row ?? 0) + 2,
    column: '',
    came: e.code,
    expected: `${PLANT_COLUMNS.length} cells, quotes in pairs (${e.message})`,
  }))
  const rows: { plant: Plant; cells: PlantCells }[] = []
  const rowOf = new Map<string, number>()
  parsed.data.forEach((said, index) => {
    const row = index + 2
    const cells = Object.fromEntries(Object.entries(said).map(([c, cell]) => [c, spanIn(c, String(cell))]))
    const read = plantRowSchema.safeParse(cells)
    if (!read.success) {
      for (const issue of read.error.issues) {
        const column = String(issue.path[0] ?? '')
        errors.push({ row, column, came: shorten(cells[column] ?? '(nothing)'), expected: issue.message })
      }
      return
    }
    const plant = toPlant(read.data)
    const first = rowOf.get(plant.id)
    if (first)
      errors.push({
        row,
        column: 'botanical_name',
        came: plant.botanicalName,
        expected: `a name that is not in the list already (row ${first})`,
      })
    rowOf.set(plant.id, first ?? row)
    const filled = filledCells(cells)
    rows.push({ plant, cells: Object.fromEntries(PLANT_COLUMNS.map((c) => [c, filled[c] ?? ''])) })
  })
  if (rows.length === 0 && errors.length === 0)
    errors.push({ row: 2, column: '', came: '(nothing)', expected: 'at least one plant below the header' })
  return errors.length > 0
    ? { ok: false, errors: errors.slice(0, ERROR_LIMIT) }
    : { ok: true, plants: rows.map((r) => r.plant), rows }
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

const shorten = (s: string) => (s.length > 60 ? `${s.slice(0, 60)}…` : s)
