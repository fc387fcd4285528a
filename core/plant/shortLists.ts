import Papa from 'papaparse'
import type { Units } from '../measure'
import { columnsByHeading, type ColumnsOf } from './columnsByHeading'
import { lengthsIn } from './label/lengthsIn'
import { plantOfLabel, type LabelForm } from './label/labelPlant'
import { botanicalIn, knownNames, type KnownNames } from './label/namesIn'
import { soldIn } from './label/soldIn'
import { kindIn, retentionIn } from './label/wordsIn'
import type { Kind, Plant } from './plant'
import { NEEDED_COLUMNS, PLANT_COLUMNS } from './plantRow'
import { type PlantCells, type RowError } from './readPlants'

/** What a list of few columns usually says of a plant; everything else comes from the library. */
export const SHORT_FIELDS = [
  'botanicalName',
  'species',
  'cultivar',
  'commonName',
  'kind',
  'height',
  'spread',
  'light',
  'water',
  'zones',
  'flowerColours',
  'flowerMonths',
  'size',
  'price',
] as const
export type ShortField = (typeof SHORT_FIELDS)[number]
/** Which heading holds what; what the list does not have is left out. */
export type ShortColumns = ColumnsOf<ShortField>

interface TableLike {
  readonly headings: readonly string[]
  readonly rows: readonly { readonly line: number; readonly cells: readonly string[] }[]
}

const WORDS: Readonly<Record<ShortField, RegExp>> = {
  botanicalName: /botan|latin|scientific|taxon|^plant|^name$|sorte|pflanze|genus|gattung/i,
  species: /species|^art$|epithet/i,
  cultivar: /cultivar|variety|cv\b/i,
  commonName: /common|english|trivial|vernacular|deutsch/i,
  kind: /^kind|type|group|categor|habit/i,
  height: /height|tall|\bht\b|^h\b|h[öo]he|hauteur/i,
  spread: /spread|width|wide|^w\b|breite|largeur/i,
  light: /light|sun|exposure|licht|standort/i,
  water: /water|moisture|wasser/i,
  zones: /zone|hardi|usda/i,
  flowerColours: /colou?r|farbe|couleur/i,
  flowerMonths: /flower|bloom|bl[üu]te|floraison|months?/i,
  size: /size|pot|container|gr[öo][ßs]e/i,
  price: /price|cost|preis|prix|each/i,
}

/** Whether a list has all columns that a row needs to stand for itself. */
export const isWholeList = (headings: readonly string[]) => NEEDED_COLUMNS.every((c) => headings.includes(c))

/** The columns of a list by its headings. */
export const guessShortColumns = (headings: readonly string[], before: ShortColumns = {}): ShortColumns =>
  columnsByHeading(WORDS, headings, before)

interface FilledList {
  /** A whole plant list as CSV. */
  readonly csv: string
  /** Plants whose figures come from the library, and those that lean on another of their species, genus or kind. */
  readonly known: number
  readonly leaning: readonly { readonly name: string; readonly on: string }[]
  readonly errors: readonly RowError[]
}
interface ListContext {
  readonly units: Units
  readonly southern: boolean
}

/**
 * A list of few columns as a whole plant list: what it says of a plant stands (ranges by their middle), the rest is filled from the
 * library by its name, a synonym, its
 * species, genus or kind. What cannot be read is named as an error with its line, and the plant left out.
 */
export function fillShortList(
  table: TableLike,
  columns: ShortColumns,
  library: readonly Plant[],
  context: ListContext = { units: 'metric', southern: false },
): FilledList {
  const known = knownNames(library.flatMap((p) => [p.botanicalName, ...p.synonyms]))
  const errors: RowError[] = []
  const leaning: { name: string; on: string }[] = []
  const rows: PlantCells[] = []
  const unit = lengthUnits(table, columns)
  const prices = priceColumns(table.headings, columns)
  for (const { line, cells } of table.rows) {
    const cell = (heading: string | undefined) =>
      heading ? (cells[table.headings.indexOf(heading)] ?? '').trim() : ''
    const said = (field: ShortField) => cell(columns[field])
    const form = formOf(
      said,
      cells,
      unit,
      known,
      prices.map((p) => ({ label: p.label, price: cell(p.heading) })),
    )
    if (!form.botanicalName && !form.commonName) continue
    const first = plantOfLabel(form, library, context)
    const made =
      first.faults.kind && !form.kind ? plantOfLabel({ ...form, kind: kindBySize(form) }, library, context) : first
    for (const [field, expected] of Object.entries(made.faults)) {
      const column = columns[field as ShortField] ?? ''
      errors.push({ row: line, column, came: form[field as keyof LabelForm] ?? '', expected })
    }
    if (!made.cells) continue
    if (made.cells.borrowed_from) leaning.push({ name: made.cells.botanical_name!, on: made.cells.borrowed_from })
    rows.push(made.cells)
  }
  const csv = Papa.unparse({
    fields: [...PLANT_COLUMNS],
    data: rows.map((r) => PLANT_COLUMNS.map((c) => r[c] ?? '')),
  })
  return { csv, known: rows.length - leaning.length, leaning, errors }
}

type Said = (field: ShortField) => string
type UnitOf = (field: 'height' | 'spread') => string

/** A row as a form: the name from one column or three, kind and winter leaf from any of its words. */
function formOf(
  said: Said,
  cells: readonly string[],
  unit: UnitOf,
  known: KnownNames,
  prices: readonly { readonly label: string; readonly price: string }[],
): LabelForm {
  const words = cells.join(' · ')
  const botanical = [said('botanicalName'), said('species'), quoted(said('cultivar'))].filter(Boolean).join(' ')
  const length = (field: 'height' | 'spread') => {
    const text = said(field)
    return text === '' || lengthsIn(text, null).length > 0 ? text : `${text} ${unit(field)}`
  }
  const sizes = [
    ...(said('size') || said('price') ? [`${said('size') || 'pot'} ${figureOf(said('price'))}`.trim()] : []),
    ...prices.filter((p) => p.price !== '').map((p) => `${p.label} ${figureOf(p.price)}`),
  ]
  return {
    botanicalName: botanicalIn(botanical, known)?.value ?? botanical,
    commonName: said('commonName'),
    kind: kindIn(said('kind'))?.value ?? kindIn(words)?.value ?? '',
    leaf: retentionIn(words)?.value ?? '',
    height: length('height'),
    spread: length('spread'),
    light: said('light'),
    water: said('water'),
    zones: said('zones'),
    flowerColours: said('flowerColours'),
    flowerMonths: said('flowerMonths'),
    sizes: sizes.join('; '),
  }
}
const quoted = (cultivar: string) => (cultivar && !/['‘"“]/.test(cultivar) ? `'${cultivar}'` : cultivar)
const figureOf = (price: string) => /\d+(?:[.,]\d{1,2})?/.exec(price)?.[0] ?? ''

/** Columns whose heading is a size (`9 cm`, `2 gal`) hold its price. */
const priceColumns = (headings: readonly string[], columns: ShortColumns) =>
  headings.flatMap((heading) => {
    const size = Object.values(columns).includes(heading)
      ? null
      : soldIn(/\d\s*cm$/i.test(heading) ? `${heading} pot` : heading)
    return size ? [{ heading, label: size.value[0]!.label }] : []
  })

/** From this height on what nobody says more of is taken for a shrub, metres. */
const SHRUB_FROM_M = 1.2
const kindBySize = (form: LabelForm): Kind =>
  (lengthsIn(form.height ?? '', 'metric')[0]?.mostM ?? 0) >= SHRUB_FROM_M ? 'shrub' : 'perennial'

const UNITS: readonly (readonly [RegExp, string])[] = [
  [/\bcm\b|centim/i, 'cm'],
  [/\bmm\b/i, 'mm'],
  [/\b(ft|feet|foot)\b|′|'/i, 'ft'],
  [/\b(in|inch|inches)\b|″|"/i, 'in'],
  [/\bm\b|met(er|re)s?/i, 'm'],
]
/** Plants are hardly higher than this on the whole, metres: figures above it are centimetres. */
const MOST_MEDIAN_M = 5

/** The unit of each column of lengths: by its heading, else metres or centimetres by how large its figures are. */
function lengthUnits(table: TableLike, columns: ShortColumns): UnitOf {
  return (field) => {
    const heading = columns[field]
    if (!heading) return 'm'
    const named = UNITS.find(([sign]) => sign.test(heading.replace(/[()_]/g, ' ')))?.[1]
    if (named) return named
    const at = table.headings.indexOf(heading)
    const figures = table.rows
      .flatMap((r) => [...(r.cells[at] ?? '').replace(/(\d),(\d)/g, '$1.$2').matchAll(/\d+(?:\.\d+)?/g)].slice(-1))
      .map((m) => Number(m[0]))
      .sort((a, b) => a - b)
    return (figures[Math.floor(figures.length / 2)] ?? 0) > MOST_MEDIAN_M ? 'cm' : 'm'
  }
}
