import Papa from 'papaparse'
import { columnsByHeading, type ColumnsOf } from './columnsByHeading'
import type { Plant } from './plant'
import { plantCells } from './plantCells'
import { NEEDED_COLUMNS, PLANT_COLUMNS } from './plantRow'
import { plantId, type PlantCells, type RowError } from './readPlants'

/** What a list of few columns usually says of a plant; everything else comes from the library. */
export const SHORT_FIELDS = [
  'botanical_name',
  'common_name',
  'foliage_height_m',
  'spread_m',
  'flower_months',
  'zones',
] as const
export type ShortField = (typeof SHORT_FIELDS)[number]
/** Which heading holds what; what the list does not have is left out. */
export type ShortColumns = ColumnsOf<ShortField>

interface TableLike {
  readonly headings: readonly string[]
  readonly rows: readonly { readonly line: number; readonly cells: readonly string[] }[]
}

const WORDS: Readonly<Record<ShortField, RegExp>> = {
  botanical_name: /botan|latin|scientific|species|taxon|^plant|^name$|sorte|pflanze/i,
  common_name: /common|english|trivial|vernacular|deutsch/i,
  foliage_height_m: /height|tall|h[öo]he|hauteur/i,
  spread_m: /spread|width|wide|breite|largeur/i,
  flower_months: /flower|bloom|bl[üu]te|floraison/i,
  zones: /zone|hardi/i,
}

/** Whether a list has all columns that a row needs to stand for itself. */
export const isWholeList = (headings: readonly string[]) => NEEDED_COLUMNS.every((c) => headings.includes(c))

/** The columns of a list by its headings. */
export const guessShortColumns = (headings: readonly string[], before: ShortColumns = {}): ShortColumns =>
  columnsByHeading(WORDS, headings, before)

interface FilledList {
  /** A whole plant list as CSV. */
  readonly csv: string
  /** Plants whose figures come from the library, and those that lean on another of their species or genus. */
  readonly known: number
  readonly leaning: readonly { readonly name: string; readonly on: string }[]
  readonly errors: readonly RowError[]
}

/**
 * A list of few columns as a whole plant list: what it says of a plant stands, the rest is filled from the library by its name, a
 * synonym, its species, or its genus; a plant the library knows nothing of is named as an error with its line.
 */
export function fillShortList(table: TableLike, columns: ShortColumns, library: Iterable<Plant>): FilledList {
  const index = indexOf(library)
  const errors: RowError[] = []
  const leaning: { name: string; on: string }[] = []
  const rows: PlantCells[] = []
  const unit = lengthUnits(table, columns)
  for (const { line, cells } of table.rows) {
    const said = (field: ShortField) =>
      columns[field] ? (cells[table.headings.indexOf(columns[field])] ?? '').trim() : ''
    const name = said('botanical_name') || (index.find(said('common_name'))?.plant.botanicalName ?? '')
    const found = index.find(name) ?? index.find(said('common_name'))
    if (!found) {
      const expected = 'a plant of the library or of a genus in it, or a list with all columns'
      errors.push({ row: line, column: columns.botanical_name ?? '', came: name || '(nothing)', expected })
      continue
    }
    if (found.leans) leaning.push({ name, on: found.plant.botanicalName })
    rows.push(filled(found.plant, found.leans ? name : found.plant.botanicalName, said, unit))
  }
  const csv = Papa.unparse({
    fields: [...PLANT_COLUMNS],
    data: rows.map((r) => PLANT_COLUMNS.map((c) => r[c] ?? '')),
  })
  return { csv, known: rows.length - leaning.length, leaning, errors }
}

type Said = (field: ShortField) => string
type UnitOf = (field: 'foliage_height_m' | 'spread_m') => number

function filled(plant: Plant, name: string, said: Said, unit: UnitOf): PlantCells {
  const height = lengthIn(said('foliage_height_m'), unit('foliage_height_m'))
  const spread = lengthIn(said('spread_m'), unit('spread_m'))
  const flowerHeight =
    height && String(Math.max(Number(height), plant.flowerHeightM * (Number(height) / plant.foliageHeightM)))
  const months = monthsIn(said('flower_months'))
  const zones = /(\d+)\D+(\d+)/.exec(said('zones'))
  return {
    ...plantCells(plant),
    botanical_name: name,
    ...(said('common_name') ? { common_name: said('common_name') } : {}),
    ...(height ? { foliage_height_m: height, flower_height_m: Number(flowerHeight).toFixed(2) } : {}),
    ...(spread ? { spread_m: spread } : {}),
    ...(months ? { flower_months: months } : {}),
    ...(zones ? { zones: `${zones[1]}:${zones[2]}` } : {}),
  }
}

const figuresIn = (text: string) =>
  [...text.replace(/(\d),(\d)/g, '$1.$2').matchAll(/\d+(?:\.\d+)?/g)].map((m) => Number(m[0]))

/** The larger figure of a length such as `60-80`, in metres; empty when there is none. */
function lengthIn(text: string, unit: number): string {
  const figures = figuresIn(text)
  if (figures.length === 0) return ''
  const own = UNITS.find(([sign]) => sign.test(text))?.[1]
  return String(Math.round(Math.max(...figures) * (own ?? unit) * 1000) / 1000)
}

const UNITS: readonly (readonly [RegExp, number])[] = [
  [/\bcm\b/i, 0.01],
  [/\bmm\b/i, 0.001],
  [/\b(ft|feet|foot)\b|′|'/i, 0.3048],
  [/\b(in|inch|inches)\b|″|"/i, 0.0254],
  [/\bm\b/i, 1],
]
/** Plants are hardly higher than this on the whole, metres: figures above it are centimetres. */
const MOST_MEDIAN_M = 5

/** The unit of each column of lengths: by its heading, else metres or centimetres by how large its figures are. */
function lengthUnits(table: TableLike, columns: ShortColumns): UnitOf {
  return (field) => {
    const heading = columns[field]
    if (!heading) return 1
    const named = UNITS.find(([sign]) => sign.test(heading.replace(/[()_]/g, ' ')))?.[1]
    if (named) return named
    const at = table.headings.indexOf(heading)
    const figures = table.rows.flatMap((r) => figuresIn(r.cells[at] ?? '').slice(-1)).sort((a, b) => a - b)
    return (figures[Math.floor(figures.length / 2)] ?? 0) > MOST_MEDIAN_M ? 0.01 : 1
  }
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']

/** Months as a list writes them: `Jun–Aug`, `6-8`, `May, September`; empty when nothing reads. */
function monthsIn(text: string): string {
  const plain = text.toLowerCase().replace(/[a-zäöü]{3,}/g, (word) => {
    const at = MONTHS.indexOf(word.slice(0, 3))
    return at < 0 ? '' : String(at + 1)
  })
  const spans = [...plain.matchAll(/(\d{1,2})(?:\s*(?:-|–|to|bis|\/)\s*(\d{1,2}))?/g)]
  const isMonth = (m: string | undefined) => m === undefined || (Number(m) >= 1 && Number(m) <= 12)
  return spans
    .filter(([, a, b]) => isMonth(a) && isMonth(b))
    .map(([, a, b]) => (b ? `${Number(a)}-${Number(b)}` : String(Number(a))))
    .join('|')
}

/** Plants by their names, then by species and genus. */
function indexOf(library: Iterable<Plant>) {
  const byName = new Map<string, Plant>()
  const bySpecies = new Map<string, Plant>()
  const byGenus = new Map<string, Plant>()
  const put = (map: Map<string, Plant>, key: string, plant: Plant) => {
    if (key !== '' && !map.has(key)) map.set(key, plant)
  }
  for (const p of library) {
    for (const name of [p.botanicalName, ...p.synonyms, ...p.soldAs]) put(byName, plantId(name), p)
    put(bySpecies, speciesOf(p.botanicalName), p)
    put(byGenus, genusOf(p.botanicalName), p)
  }
  for (const p of byName.values()) put(byName, plantId(p.commonName), p)
  const find = (name: string): { plant: Plant; leans: boolean } | null => {
    if (name.trim() === '') return null
    const own = byName.get(plantId(name))
    if (own) return { plant: own, leans: false }
    const akin = bySpecies.get(speciesOf(name)) ?? byGenus.get(genusOf(name))
    return akin ? { plant: akin, leans: true } : null
  }
  return { find }
}

const genusOf = (name: string) => plantId(name.split(/\s+/)[0] ?? '')
/** Genus and species, the cross sign left aside. */
const speciesOf = (name: string) =>
  plantId(
    name
      .replace(/['‘’"“].*$/, '')
      .replace(/(^|\s)[×x]\s/gi, ' ')
      .split(/\s+/)
      .slice(0, 2)
      .join(' '),
  )
