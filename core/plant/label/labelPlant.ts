import { coloursIn, lighten, mix } from '../../colour'
import type { Units } from '../../measure'
import { fullHeightM, isWoody, KINDS, RETENTIONS, SOILS, type Kind, type Plant } from '../plant'
import { plantCells } from '../plantCells'
import { PLANT_COLUMNS, plantRowSchema } from '../plantRow'
import type { PlantCells } from '../readPlants'
import { lengthsIn, type LengthSaid } from './lengthsIn'
import { monthsIn } from './monthsIn'
import { nearestRelative, type Relative } from './nearestRelative'
import type { LabelField } from './readLabel'
import { sizesIn } from './soldIn'
import { lightIn, standsDrought, waterIn, zonesIn } from './wordsIn'

/** A plant as somebody writes it down: a text for each thing asked, empty where nothing is known. */
export type LabelForm = Readonly<Partial<Record<LabelField, string>>>
interface FormContext {
  readonly units: Units
  readonly southern: boolean
}

interface LabelPlant {
  /** The whole row, as lists of plants hold it; null while something is missing or cannot be read. */
  readonly cells: PlantCells | null
  /** What is to be mended, by field, in words. */
  readonly faults: Readonly<Partial<Record<LabelField, string>>>
  /** Whose figures fill what was left empty. */
  readonly relative: Relative | null
}

/** What is not a figure of the plant: names, and where it comes from. */
const NOT_BORROWED = new Set([
  'botanical_name',
  'common_name',
  'synonyms',
  'sold_as',
  'source',
  'confidence',
  'borrowed',
  'borrowed_from',
])
const metres = (m: number) => String(Math.round(m * 10_000) / 10_000)
const middle = (l: LengthSaid) => (l.leastM + l.mostM) / 2

type Faults = Partial<Record<LabelField, string>>
const first = <T>(list: readonly T[]): T | null => list[0] ?? null
const years = (text: string) => Number(/^\D*(\d{1,2}(?:\.\d)?)/.exec(text)?.[1]) || null
const oneOf =
  <T extends string>(values: readonly T[]) =>
  (text: string): T | null =>
    values.find((v) => v === text) ?? null
const soilsOf = (text: string) => {
  const words = text.split(/[,;|/\s]+/)
  return words.every((w) => SOILS.some((soil) => soil === w)) ? words : null
}
const asZones = (text: string) => zonesIn(/zone|hard|usda|whz|°|\bh\d/i.test(text) ? text : `zones ${text}`)

/** Everything that a form says, read; what cannot be read stands among the faults with what to write. */
function readForm(form: LabelForm, { units, southern }: FormContext) {
  const faults: Faults = {}
  const read = <T>(field: LabelField, how: (text: string) => T | null, expected: string): T | null => {
    const text = form[field]?.trim() ?? ''
    if (text === '') return null
    const value = how(text)
    if (value === null) faults[field] = `“${text.slice(0, 40)}” cannot be read: write ${expected}.`
    return value
  }
  const length = (text: string) => first(lengthsIn(text, units))
  const lengths = units === 'metric' ? '60 cm, 1.2 m or 1 to 1.5 m' : '3 ft, 30 in or 3 to 4 ft'
  const said = {
    height: read('height', length, lengths),
    spread: read('spread', length, lengths),
    kind: read('kind', oneOf(KINDS), `one of ${KINDS.join(', ')}`),
    retention: read('leaf', oneOf(RETENTIONS), `one of ${RETENTIONS.join(', ')}`),
    zones: read('zones', asZones, 'zones such as 5 to 9, or hardy to -15 °C'),
    years: read('years', years, 'a number of years such as 8'),
    light: read('light', lightIn, 'full sun, part sun, part shade or shade, or two of them'),
    water: read('water', waterIn, 'dry, average, moist or wet, or two of them'),
    soil: read('soil', soilsOf, SOILS.join(', ')),
    flowers: read('flowerColours', (t) => orNull(coloursIn(t)), 'colours such as lavender blue, cream or #8aa05b'),
    leaf: read('leafColour', (t) => first(coloursIn(t)), 'a colour such as grey green, plum or #8aa05b'),
    months: read('flowerMonths', (t) => orNull(monthsIn(t, southern, true)), 'months such as June to August'),
    sizes: read('sizes', sizesIn, 'a size and its price, such as 2 gal 24.99'),
  }
  return { said, faults }
}
type Said = ReturnType<typeof readForm>['said']

const wantedOf = (botanicalName: string, { kind, retention, height, spread, zones, light, water }: Said) => ({
  botanicalName,
  ...(kind && { kind }),
  ...(retention && { retention }),
  ...(height && { heightM: middle(height) }),
  ...(spread && { spreadM: middle(spread) }),
  ...(zones && { coldest: zones.value.coldest }),
  ...(light && { darkest: light.value.darkest }),
  ...(water && { wettest: water.value.wettest }),
})

/**
 * A plant from a form: what is said stands, ranges by their middle with both ends kept; all else is borrowed from its nearest relative and
 * named in `borrowed`. Lengths without a unit are in `units`; months are those of the place.
 */
export function plantOfLabel(form: LabelForm, library: readonly Plant[], context: FormContext): LabelPlant {
  const { said, faults } = readForm(form, context)
  const typed = nameIn(form)
  if (typed === '') faults.botanicalName = 'Give the plant a name, the botanical or the everyday one.'
  const relative = nearestRelative(library, wantedOf(typed, said))
  if (!relative && typed !== '')
    faults.kind ??= 'Say what kind of plant it is: no relative of this name and size is in the library.'
  if (!relative || Object.keys(faults).length > 0) return { cells: null, faults, relative }
  const own = { ...saidCells(relative.plant, said), ...wordCells(form) }
  const cells = rowOf(form, typed, own, relative)
  Object.assign(faults, faultsOf(cells))
  return { cells: Object.keys(faults).length === 0 ? cells : null, faults, relative }
}

const nameIn = (form: LabelForm) => form.botanicalName?.trim() || form.commonName?.trim() || ''

/** What a whole row has wrong, by the field that it comes from. */
function faultsOf(cells: PlantCells): Faults {
  const checked = plantRowSchema.safeParse(cells)
  const faults: Faults = {}
  for (const issue of checked.error?.issues ?? []) {
    const column = String(issue.path[0] ?? '')
    const words = `${column.replaceAll('_', ' ')}: “${cells[column] ?? ''}” came, ${issue.message} was expected.`
    faults[FIELD_OF[column] ?? 'botanicalName'] ??= words
  }
  return faults
}

/** The cells that what was said fills. */
const saidCells = (p: Plant, said: Said): PlantCells => ({
  ...sizeCells(p, said.kind, said.height, said.spread),
  ...(said.kind && kindCells(said.kind, p)),
  ...(said.retention && { retention: said.retention }),
  ...(said.years && { years_to_90: String(said.years) }),
  ...(said.light && { sun: `${said.light.value.brightest}:${said.light.value.darkest}` }),
  ...(said.water && { water: `${said.water.value.driest}:${said.water.value.wettest}` }),
  ...(said.soil && { soil: said.soil.join('|') }),
  ...(said.zones && zoneCells(said.zones.value, p)),
  ...flowerCells(p, said.flowers, said.months),
  ...(said.leaf && leafCells(said.leaf.hex, p)),
  ...(said.sizes && { sizes: said.sizes.map((s) => `${s.label} ${(s.price ?? priceOf(p)).toFixed(2)}`).join('|') }),
})
/** The cells that a word or two fill. */
const wordCells = (form: LabelForm): PlantCells => ({
  ...(standsDrought(form.water ?? '') && { drought: 'high' }),
  ...(form.scent?.trim() && { fragrance: form.scent.trim() }),
  ...Object.fromEntries(['deer', 'rabbits'].filter((w) => form.leftBy?.includes(w)).map((w) => [w, 'resists'])),
})

const orNull = <T>(list: readonly T[]) => (list.length > 0 ? list : null)

const FIELD_OF: Readonly<Record<string, LabelField>> = {
  botanical_name: 'botanicalName',
  common_name: 'commonName',
  foliage_height_m: 'height',
  flower_height_m: 'height',
  height_range_m: 'height',
  spread_m: 'spread',
  spread_range_m: 'spread',
  years_to_90: 'years',
  sun: 'light',
  water: 'water',
  soil: 'soil',
  zones: 'zones',
  flower_colour: 'flowerColours',
  more_flower_colours: 'flowerColours',
  flower_months: 'flowerMonths',
  summer_colour: 'leafColour',
  sizes: 'sizes',
  fragrance: 'scent',
}

function rowOf(form: LabelForm, typed: string, own: PlantCells, relative: Relative): PlantCells {
  const { plant, by } = relative
  const base = plantCells(plant)
  const common = form.commonName?.trim()
  if (by === 'name') {
    // An everyday or former name that the library knows brings the one it has; nothing but a name said, and it is the library's own.
    const source: PlantCells = Object.keys(own).length > 0 ? { source: 'list', confidence: 'low' } : {}
    return { ...base, ...own, ...source, common_name: common || plant.commonName }
  }
  const borrowed = PLANT_COLUMNS.filter((c) => own[c] === undefined && !NOT_BORROWED.has(c) && base[c] !== '')
  return {
    ...base,
    ...own,
    botanical_name: typed,
    common_name: common || commonName(typed, relative),
    synonyms: '',
    sold_as: '',
    ...(by === 'kind' && { family: '', invasive_note: '', legal_note: '' }),
    source: 'list',
    confidence: 'low',
    borrowed_from: plant.botanicalName,
    borrowed: borrowed.join('|'),
  }
}

/** `Nepeta racemosa 'Snowflake'` beside catmint: `catmint 'Snowflake'`. */
function commonName(name: string, { plant, by }: Relative): string {
  const cultivar = /'[^']+'?.*$/.exec(name)?.[0] ?? ''
  return by === 'species' || by === 'genus' ? `${plant.commonName.replace(/\s*'.*$/, '')} ${cultivar}`.trim() : name
}

/** Height and spread in proportion to those of the relative: how far flowers stand over the leaves, how high the stem is clear. */
function sizeCells(p: Plant, kind: Kind | null, height: LengthSaid | null, spread: LengthSaid | null): PlantCells {
  const cells: Record<string, string> = {}
  if (height) {
    const full = middle(height)
    const by = full / fullHeightM(p)
    const leaf = isWoody(p) || kind === 'shrub' || kind === 'tree' ? full : p.foliageHeightM * by
    cells.foliage_height_m = metres(leaf)
    cells.flower_height_m = metres(p.habit === 'trailing' ? p.flowerHeightM * by : Math.max(full, leaf))
    cells.clear_stem_m = metres(p.clearStemM * by)
    if (height.mostM > height.leastM) cells.height_range_m = `${metres(height.leastM)}:${metres(height.mostM)}`
  }
  if (spread) {
    cells.spread_m = metres(middle(spread))
    if (spread.mostM > spread.leastM) cells.spread_range_m = `${metres(spread.leastM)}:${metres(spread.mostM)}`
  }
  return cells
}

const LIFE: Readonly<Partial<Record<Kind, string>>> = {
  tree: 'woody',
  conifer: 'woody',
  shrub: 'woody',
  rose: 'woody',
  bulb: 'bulb',
  annual: 'annual',
  biennial: 'biennial',
}
/** A kind brings its way of life where the relative's is another. */
const kindCells = (kind: Kind, p: Plant): PlantCells =>
  p.kind === kind ? { kind } : { kind, life_cycle: LIFE[kind] ?? (isWoody(p) ? 'herbaceous' : p.lifeCycle) }

/** One end of the hardiness alone leaves the other as the relative has it. */
const zoneCells = ({ coldest, warmest }: { coldest: number; warmest: number | null }, p: Plant): PlantCells => ({
  zones: `${coldest}:${Math.max(coldest, warmest ?? p.zones.warmest)}`,
})

function flowerCells(
  p: Plant,
  colours: readonly { readonly hex: string }[] | null,
  months: readonly { readonly months: readonly number[] }[] | null,
): PlantCells {
  if (!colours && !months) return {}
  const cells: Record<string, string> = {}
  const [first, ...more] = [...new Set((colours ?? []).map((c) => c.hex))]
  if (first) {
    cells.flower_colour = first
    cells.more_flower_colours = more.slice(0, 8).join('|')
  }
  if (months) cells.flower_months = months.map((s) => spanText(s.months)).join('|')
  // A relative grown for its leaf says nothing of flowers: these are told plainly until somebody knows better.
  if (p.flowerForm === 'none') {
    cells.flower_form = 'cup'
    cells.flower_months ??= '6-7'
    cells.flower_colour ??= '#e6dfd2'
  }
  return cells
}
/** What is asked for the relative, where no price is said: of its smallest size. */
const priceOf = (p: Plant) => p.sizes[0]?.price ?? 0
const spanText = (months: readonly number[]) =>
  months.length === 1 ? String(months[0]) : `${months[0]}-${months.at(-1)}`

/** A leaf of another colour than its relative's: paler and fresher in spring, the relative's autumn where it falls. */
function leafCells(hex: string, p: Plant): PlantCells {
  const holds = p.retention === 'evergreen' || p.retention === 'semi-evergreen'
  return {
    summer_colour: hex,
    spring_colour: lighten(mix(hex, '#9fc060', 0.15), 0.05),
    ...(holds ? { autumn_colour: hex, winter_colour: lighten(hex, -0.04) } : {}),
    second_colour: '',
    second_pattern: '',
  }
}
