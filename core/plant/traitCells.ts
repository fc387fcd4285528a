import { z } from 'zod'
import { colour, months, number, numberRange, oneOf, text } from './cells'
import {
  CONFIDENCES,
  DROUGHTS,
  FLOWER_WOODS,
  LEAF_PATTERNS,
  MOVES,
  type PlantTraits,
  ROOTS,
  SEED_LIGHTS,
  SKIN,
  SOURCES,
  SOWN,
  SPINES,
  STAKINGS,
  STANDS,
  TENDER_WAYS,
  TOXIC_GRADES,
} from './plantTraits'

const nothing = z.literal('').transform(() => null)
const orNothing = <T extends z.ZodType>(schema: T, expected: string) =>
  z.union([nothing, schema], `${expected}, or nothing`)
const colourOrNothing = orNothing(colour, 'a colour such as #8aa05b')
const listOf = (limit: number) =>
  z
    .string()
    .trim()
    .max(limit, `names of at most ${limit} characters`)
    .transform((s) => (s === '' ? [] : s.split('|')))
const names = listOf(400)
const manyColours = z
  .string()
  .trim()
  .toLowerCase()
  .transform((s) => (s === '' ? [] : s.split('|')))
  .pipe(z.array(colour).max(8, 'at most 8 colours with | between'))
const grade = oneOf(TOXIC_GRADES)
const whole = (low: number, high: number) =>
  z
    .string()
    .trim()
    .regex(/^-?\d+$/, `a whole number from ${low} to ${high}`)
    .transform(Number)
    .pipe(
      z
        .number()
        .min(low, `a whole number from ${low} to ${high}`)
        .max(high, `a whole number from ${low} to ${high}`),
    )

/** Cells of what is known of a plant beside its looks and its wants. */
export const TRAIT_CELLS = {
  family: text(60),
  synonyms: names,
  sold_as: names,
  toxic_people: grade,
  toxic_cats: grade,
  toxic_dogs: grade,
  toxic_livestock: grade,
  toxic_part: text(80),
  skin: oneOf(SKIN),
  spines: oneOf(SPINES),
  heat_zone: numberRange(1, 12),
  flower_wood: oneOf(FLOWER_WOODS),
  clematis_group: orNothing(
    oneOf(['1', '2', '3']).transform((g) => Number(g) as 1 | 2 | 3),
    'a clematis group, 1, 2 or 3',
  ),
  leaf_months: months,
  fruit_colour: colourOrNothing,
  fruit_months: months,
  bark_colour: colourOrNothing,
  bark_months: months,
  autumn_months: months,
  second_colour: colourOrNothing,
  second_pattern: orNothing(oneOf(LEAF_PATTERNS), `one of ${LEAF_PATTERNS.join(', ')}`),
  salt: oneOf(STANDS),
  wind: oneOf(STANDS),
  drought: oneOf(DROUGHTS),
  least_pot_l: number(0, 1000),
  root: oneOf(ROOTS),
  moves: oneOf(MOVES),
  lifespan_years: number(1, 500),
  divide_years: number(0, 30),
  staking: oneOf(STAKINGS),
  self_cleaning: oneOf(['yes', 'no']),
  sow: orNothing(oneOf(SOWN), `one of ${SOWN.join(', ')}`),
  sow_weeks: orNothing(whole(-30, 30), 'weeks from the last frost, -30 to 30'),
  sow_light: orNothing(oneOf(SEED_LIGHTS), `one of ${SEED_LIGHTS.join(', ')}`),
  chill_weeks: orNothing(whole(0, 30), 'weeks from 0 to 30'),
  germination_days: orNothing(numberRange(1, 365), 'days such as 7:14'),
  germination_percent: orNothing(whole(1, 100), 'a share from 1 to 100'),
  tender: oneOf(['none', ...TENDER_WAYS]),
  store_c: orNothing(whole(-5, 25), 'degrees from -5 to 25'),
  out_above_c: orNothing(whole(-5, 25), 'degrees from -5 to 25'),
  legal_note: text(200),
  more_flower_colours: manyColours,
  height_range_m: orNothing(numberRange(0.01, 60), 'a range such as 0.9:1.2'),
  spread_range_m: orNothing(numberRange(0.01, 60), 'a range such as 0.9:1.2'),
  borrowed_from: text(120),
  borrowed: listOf(1500),
  source: oneOf(SOURCES),
  confidence: oneOf(CONFIDENCES),
} as const

type TraitRow = { readonly [C in keyof typeof TRAIT_CELLS]: z.infer<(typeof TRAIT_CELLS)[C]> }
type Cells = Readonly<Record<string, string>>

const WOOD_OF_PRUNING: Readonly<Record<string, string>> = { 'after-flowering': 'old', 'late-winter': 'new' }

/** What holds for a row that says nothing of a trait; read from its other cells where they tell. */
function traitDefaults(cells: Cells): Record<string, string> {
  const { hazards = '', life_cycle: life = '', pruning_group: pruning = '', zones = '' } = cells
  const isWoody = life === 'woody'
  return {
    ...hazardDefaults(hazards),
    heat_zone: `1:${heatOf(zones)}`,
    flower_wood: (isWoody && WOOD_OF_PRUNING[pruning]) || 'none',
    salt: 'some',
    wind: 'some',
    drought: 'some',
    least_pot_l: '0',
    root: isWoody ? 'woody' : 'fibrous',
    moves: isWoody ? 'with-care' : 'well',
    lifespan_years: LIFESPAN[life] ?? '8',
    divide_years: '0',
    staking: 'none',
    self_cleaning: 'yes',
    tender: 'none',
    source: 'list',
    confidence: 'low',
  }
}
function hazardDefaults(hazards: string): Record<string, string> {
  const toxic = hazards.includes('poison') ? 'harmful' : 'none'
  return {
    toxic_people: toxic,
    toxic_cats: toxic,
    toxic_dogs: toxic,
    toxic_livestock: toxic,
    toxic_part: toxic === 'none' ? '' : 'not said',
    skin: hazards.includes('sap') ? 'sap' : 'none',
    spines: hazards.includes('thorns') ? 'thorns' : 'none',
  }
}
const LIFESPAN: Readonly<Record<string, string>> = { woody: '30', annual: '1', biennial: '2' }

/** Without a heat zone of its own a plant takes the summers that go with its warmest winter zone. */
const heatOf = (zones: string) => Math.min(12, Math.max(1, Number(zones.split(':')[1]) || 12))

const TRAIT_COLUMNS = Object.keys(TRAIT_CELLS)
/** Columns that mean something even where a list says nothing of them. */
const ALWAYS_SAID = Object.entries(traitDefaults({})).flatMap(([column, said]) => (said === '' ? [] : [column]))
const isUnsaid = (cells: Cells, column: string) => !cells[column]?.trim()

/** A row with every trait said: what its list left out or empty is filled in. A row that says them all is taken as it is. */
export function filledCells(cells: Cells): Cells {
  const isWhole = TRAIT_COLUMNS.every((c) => cells[c] !== undefined)
  if (isWhole && !ALWAYS_SAID.some((c) => isUnsaid(cells, c))) return cells
  const defaults = traitDefaults(cells)
  const missing = TRAIT_COLUMNS.filter((c) => isUnsaid(cells, c))
  return { ...cells, ...Object.fromEntries(missing.map((c) => [c, defaults[c] ?? ''])) }
}

const rangeOf = (range: [number, number] | null) => range && { least: range[0], most: range[1] }

/** The traits of a row that was read. */
export function traitsOf(row: TraitRow): PlantTraits {
  const inMonths = (c: string | null, m: number[]) => (c ? { colour: c, months: m } : null)
  return {
    family: row.family,
    synonyms: row.synonyms,
    soldAs: row.sold_as,
    toxicity: {
      people: row.toxic_people,
      cats: row.toxic_cats,
      dogs: row.toxic_dogs,
      livestock: row.toxic_livestock,
      part: row.toxic_part,
    },
    skin: row.skin,
    spines: row.spines,
    heat: { least: row.heat_zone[0], most: row.heat_zone[1] },
    flowerWood: row.flower_wood,
    clematisGroup: row.clematis_group,
    leafMonths: row.leaf_months,
    fruit: inMonths(row.fruit_colour, row.fruit_months),
    bark: inMonths(row.bark_colour, row.bark_months),
    autumnMonths: row.autumn_months,
    secondLeaf:
      row.second_colour && row.second_pattern ? { colour: row.second_colour, pattern: row.second_pattern } : null,
    salt: row.salt,
    wind: row.wind,
    drought: row.drought,
    leastPotL: row.least_pot_l,
    root: row.root,
    moves: row.moves,
    lifespanYears: row.lifespan_years,
    divideYears: row.divide_years,
    staking: row.staking,
    selfCleaning: row.self_cleaning === 'yes',
    sowing: sowingOf(row),
    tender: row.tender === 'none' ? null : { how: row.tender, storeC: row.store_c, outAboveC: row.out_above_c },
    legalNote: row.legal_note,
    moreFlowerColours: row.more_flower_colours,
    heightRange: rangeOf(row.height_range_m),
    spreadRange: rangeOf(row.spread_range_m),
    borrowed: row.borrowed_from === '' ? null : { from: row.borrowed_from, columns: row.borrowed },
    source: row.source,
    confidence: row.confidence,
  }
}

const UNSAID_DAYS: readonly [number, number] = [7, 21]
const UNSAID_PERCENT = 60

function sowingOf(row: TraitRow): PlantTraits['sowing'] {
  if (!row.sow || row.sow_weeks === null) return null
  const [from, to] = row.germination_days ?? UNSAID_DAYS
  return {
    where: row.sow,
    weeks: row.sow_weeks,
    light: row.sow_light ?? 'any',
    chillWeeks: row.chill_weeks ?? 0,
    days: { from, to },
    percent: row.germination_percent ?? UNSAID_PERCENT,
  }
}
