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
export interface FormContext {
  readonly units: Units
  readonly southern: boolean
}

export interface LabelPlant {
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

/**
 * A plant from a form: what is said stands, ranges by their middle with both ends kept; all else is borrowed from its nearest relative and named in `borrowed`.
 * Lengths without a unit are in `units`; months are those of the place.
 */
export function plantOfLabel(form: LabelForm, library: readonly Plant[], context: FormContext): LabelPlant {
  const faults: Partial<Record<LabelField, string>> = {}
  const read = <T>(field: LabelField, how: (text: string) => T | null, expected: string): T | null => {
    const text = form[field]?.trim() ?? ''
    if (text === '') return null
    const value = how(text)
    if (value === null) faults[field] = `“${text.slice(0, 40)}” cannot be read: write ${expected}.`
    return value
  }
  const asLength = (text: string) => lengthsIn(text, context.units)[0] ?? null
  const lengths = context.units === 'metric' ? '60 cm, 1.2 m or 1 to 1.5 m' : '3 ft, 30 in or 3 to 4 ft'
  const height = read('height', asLength, lengths)
  const spread = read('spread', asLength, lengths)
  const kind = read('kind', (t) => KINDS.find((k) => k === t) ?? null, `one of ${KINDS.join(', ')}`)
  const retention = read('leaf', (t) => RETENTIONS.find((r) => r === t) ?? null, `one of ${RETENTIONS.join(', ')}`)
  const zones = read(
    'zones',
    (t) => zonesIn(/zone|hard|usda|whz|°|\bh\d/i.test(t) ? t : `zones ${t}`),
    'zones such as 5 to 9, or hardy to -15 °C',
  )
  const said = {
    years: read(
      'years',
      (t) => Number(/^\D*(\d{1,2}(?:\.\d)?)/.exec(t)?.[1]) || null,
      'a number of years such as 8',
    ),
    light: read('light', lightIn, 'full sun, part sun, part shade or shade, or two of them'),
    water: read('water', waterIn, 'dry, average, moist or wet, or two of them'),
    soil: read(
      'soil',
      (t) => (t.split(/[,;|/\s]+/).every((s) => SOILS.some((x) => x === s)) ? t.split(/[,;|/\s]+/) : null),
      SOILS.join(', '),
    ),
    flowers: read('flowerColours', (t) => orNull(coloursIn(t)), 'colours such as lavender blue, cream or #8aa05b'),
    leafColour: read('leafColour', (t) => coloursIn(t)[0] ?? null, 'a colour such as grey green, plum or #8aa05b'),
    months: read(
      'flowerMonths',
      (t) => orNull(monthsIn(t, context.southern, true)),
      'months such as June to August, or late spring',
    ),
    sizes: read('sizes', sizesIn, 'a size and its price, such as 2 gal 24.99'),
  }
  const typed = form.botanicalName?.trim() || form.commonName?.trim() || ''
  if (typed === '') faults.botanicalName = 'Give the plant a name, the botanical or the everyday one.'
  const relative = nearestRelative(library, {
    botanicalName: typed,
    ...(kind ? { kind } : {}),
    ...(retention ? { retention } : {}),
    ...(height ? { heightM: middle(height) } : {}),
    ...(spread ? { spreadM: middle(spread) } : {}),
    ...(zones ? { coldest: zones.value.coldest } : {}),
    ...(said.light ? { darkest: said.light.value.darkest } : {}),
    ...(said.water ? { wettest: said.water.value.wettest } : {}),
  })
  // An everyday or former name that the library knows brings the one it has.
  const botanicalName =
    !form.botanicalName?.trim() && relative?.by === 'name' ? relative.plant.botanicalName : typed
  if (!relative && typed !== '' && !faults.kind)
    faults.kind = 'Say what kind of plant it is: no relative of this name and size is in the library.'
  if (!relative || Object.keys(faults).length > 0) return { cells: null, faults, relative }
  const own: PlantCells = {
    ...sizeCells(relative.plant, kind, height, spread),
    ...(kind ? kindCells(kind, relative.plant) : {}),
    ...(retention ? { retention } : {}),
    ...(said.years ? { years_to_90: String(said.years) } : {}),
    ...(said.light ? { sun: `${said.light.value.brightest}:${said.light.value.darkest}` } : {}),
    ...(said.water ? { water: `${said.water.value.driest}:${said.water.value.wettest}` } : {}),
    ...(standsDrought(form.water ?? '') ? { drought: 'high' } : {}),
    ...(said.soil ? { soil: said.soil.join('|') } : {}),
    ...(zones ? zoneCells(zones.value, relative.plant) : {}),
    ...flowerCells(relative.plant, said.flowers, said.months),
    ...(said.leafColour ? leafCells(said.leafColour.hex, relative.plant) : {}),
    ...(form.scent?.trim() ? { fragrance: form.scent.trim() } : {}),
    ...Object.fromEntries(
      (form.leftBy ?? '')
        .split(/[,\s]+/)
        .filter((w) => w === 'deer' || w === 'rabbits')
        .map((w) => [w, 'resists']),
    ),
    ...(said.sizes
      ? { sizes: said.sizes.map((s) => `${s.label} ${(s.price ?? priceOf(relative.plant)).toFixed(2)}`).join('|') }
      : {}),
  }
  const cells = rowOf(form, botanicalName, own, relative)
  const checked = plantRowSchema.safeParse(cells)
  if (checked.success) return { cells, faults, relative }
  for (const issue of checked.error.issues) {
    const column = String(issue.path[0] ?? '')
    faults[FIELD_OF[column] ?? 'botanicalName'] ??=
      `${column.replaceAll('_', ' ')}: “${cells[column] ?? ''}” came, ${issue.message} was expected.`
  }
  return { cells: null, faults, relative }
}

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

function rowOf(form: LabelForm, name: string, own: PlantCells, relative: Relative): PlantCells {
  const base = plantCells(relative.plant)
  const borrowed = PLANT_COLUMNS.filter((c) => own[c] === undefined && !NOT_BORROWED.has(c) && base[c] !== '')
  const isSelf = relative.by === 'name'
  // Nothing but its name was said: it is the library's own.
  if (isSelf && Object.keys(own).length === 0)
    return { ...base, common_name: form.commonName?.trim() || relative.plant.commonName }
  const isOfGenus = relative.by !== 'kind'
  return {
    ...base,
    ...own,
    botanical_name: name,
    common_name: form.commonName?.trim() || (isSelf ? relative.plant.commonName : commonName(name, relative)),
    synonyms: isSelf ? base.synonyms! : '',
    sold_as: isSelf ? base.sold_as! : '',
    ...(isOfGenus ? {} : { family: '', invasive_note: '', legal_note: '' }),
    source: 'list',
    confidence: 'low',
    borrowed_from: isSelf ? '' : relative.plant.botanicalName,
    borrowed: isSelf ? '' : borrowed.join('|'),
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
