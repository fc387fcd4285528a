import { columnsByHeading, type ColumnsOf, type Plant } from '../plant'

export const PRICE_FIELDS = ['name', 'common', 'size', 'price', 'pack', 'stock'] as const
export type PriceField = (typeof PRICE_FIELDS)[number]
/** Which heading of a list holds what; a field that the list does not have is left out. */
export type PriceColumns = ColumnsOf<PriceField>

/** What a supplier offers of a kind in a size. */
export interface Offer {
  readonly plantId: string
  readonly size: string
  readonly price: number
  readonly pack: number
  readonly stock: number | null
}
export interface PriceRowError {
  readonly line: number
  readonly column: string
  readonly came: string
  readonly expected: string
}
export interface PriceListRead {
  readonly offers: readonly Offer[]
  /** Names that the library does not know, with the line of each. */
  readonly unknown: readonly { readonly line: number; readonly name: string }[]
  readonly errors: readonly PriceRowError[]
}
interface TableLike {
  readonly headings: readonly string[]
  readonly rows: readonly { readonly line: number; readonly cells: readonly string[] }[]
}

const WORDS: Readonly<Record<PriceField, RegExp>> = {
  name: /botan|latin|scientific|species|^plant$|^name$|variety|artikel|nom\b|sorte/i,
  common: /common|english|trivial|vernacular|deutsch/i,
  size: /size|pot|container|grade|topf|gr[oö]ß?e|format/i,
  price: /price|each|cost|unit|preis|prix|\bnet\b|€|£|\$/i,
  pack: /pack|per tray|tray|multiple|order qty|\bvpe\b|minimum/i,
  stock: /stock|avail|on hand|quantity|qty|bestand/i,
}

/** The columns of a list by its headings. */
export const guessColumns = (headings: readonly string[], before: PriceColumns = {}): PriceColumns =>
  columnsByHeading(WORDS, headings, before)

const ERROR_LIMIT = 200

/**
 * Offers of a list by its columns, for the plants of a library; a kind is found by its botanical name, a synonym, a name it is sold under,
 * or its common name. `numberOf` reads a price as the list writes it. Rows that do not read are named; the others stand.
 */
export function readPriceList(
  table: TableLike,
  columns: PriceColumns,
  plants: Iterable<Plant>,
  numberOf: (text: string) => number | null,
): PriceListRead {
  const index = namesOf(plants)
  const offers: Offer[] = []
  const unknown: { line: number; name: string }[] = []
  const errors: PriceRowError[] = []
  const at = PRICE_FIELDS.map((field) => table.headings.indexOf(columns[field] ?? '\0'))
  for (const { line, cells } of table.rows) {
    const [name, common, size, price, pack, stock] = at.map((i) => (i < 0 ? '' : (cells[i] ?? ''))) as Six
    if (name === '' && common === '') continue
    const plant = index.get(plainName(name)) ?? index.get(plainName(common))
    const cost = numberOf(price)
    if (!plant) unknown.push({ line, name: name || common })
    else if (cost === null || cost < 0) errors.push(priceError(line, columns.price ?? 'price', price))
    else offers.push(offerOf(plant, size, cost, numberOf(pack), numberOf(stock)))
  }
  return { offers, unknown, errors: errors.slice(0, ERROR_LIMIT) }
}

const offerOf = (plant: Plant, size: string, price: number, pack: number | null, stock: number | null): Offer => ({
  plantId: plant.id,
  size: size === '' ? (plant.sizes[0]?.label ?? '') : size,
  price,
  pack: Math.max(1, Math.round(pack ?? 1)),
  stock,
})

type Six = [string, string, string, string, string, string]
const priceError = (line: number, column: string, came: string): PriceRowError => ({
  line,
  column,
  came: came === '' ? '(nothing)' : came,
  expected: 'a price such as 4.20',
})

/** A name without signs, marks and case: `Salvia × sylvestris 'Mainacht'` and `SALVIA x sylvestris “Mainacht”` are the same. */
export const plainName = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/×|\bx\b/g, ' ')
    .replace(/\b(subsp|ssp|var|f)\./g, ' ')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()

function namesOf(plants: Iterable<Plant>): Map<string, Plant> {
  const index = new Map<string, Plant>()
  const add = (name: string, plant: Plant) => {
    const key = plainName(name)
    if (key !== '' && !index.has(key)) index.set(key, plant)
  }
  const all = [...plants]
  for (const p of all) add(p.botanicalName, p)
  for (const p of all) for (const n of [...p.synonyms, ...p.soldAs]) add(n, p)
  for (const p of all) add(p.commonName, p)
  return index
}

/** The same size under another spelling: `2 L`, `2L`, `2 litre`, `P9` and `9 cm`. */
export const plainSize = (label: string): string =>
  label
    .toLowerCase()
    .replace(',', '.')
    .replace(/lit(er|re)s?|ltr\b/g, 'l')
    .replace(/^p\s*(\d+)$/, '$1 cm')
    .replace(/\s+/g, '')
