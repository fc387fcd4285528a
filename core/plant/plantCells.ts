import type { LibraryMonth } from '../time'
import type { Plant } from './plant'
import type { ColourInMonths, LengthRange, Sowing, TenderHandling } from './plantTraits'
import type { PlantCells } from './readPlants'

/** `[6,7,8]` → `6-8`, `[10,11,12,1]` → `10-1`, `[8,11]` → `8|11`. */
function monthsText(months: readonly LibraryMonth[]): string {
  const runs: [number, number][] = []
  for (const m of months) {
    const last = runs[runs.length - 1]
    if (last && m === (last[1] % 12) + 1) last[1] = m
    else runs.push([m, m])
  }
  return runs.map(([a, b]) => (a === b ? String(a) : `${a}-${b}`)).join('|')
}

/** A plant as a row of texts, as `readPlants` reads it. */
export function plantCells(p: Plant): PlantCells {
  return {
    botanical_name: p.botanicalName,
    common_name: p.commonName,
    kind: p.kind,
    life_cycle: p.lifeCycle,
    foliage_height_m: String(p.foliageHeightM),
    flower_height_m: String(p.flowerHeightM),
    spread_m: String(p.spreadM),
    years_to_90: String(p.yearsTo90),
    habit: p.habit,
    clear_stem_m: String(p.clearStemM),
    leaf_size: p.leafSize,
    leaf_outline: p.leafOutline,
    leaf_surface: p.leafSurface,
    density: String(p.density),
    spring_colour: p.foliage.spring,
    summer_colour: p.foliage.summer,
    autumn_colour: p.foliage.autumn,
    winter_colour: p.foliage.winter,
    retention: p.retention,
    flower_colour: p.flowerColour ?? '',
    flower_months: monthsText(p.flowerMonths),
    flower_form: p.flowerForm,
    fragrance: p.fragrance,
    sun: `${p.sun.brightest}:${p.sun.darkest}`,
    water: `${p.water.driest}:${p.water.wettest}`,
    soil: p.soils.join('|'),
    ph: `${p.ph.low}:${p.ph.high}`,
    zones: `${p.zones.coldest}:${p.zones.warmest}`,
    travels: p.travels,
    run_m_per_year: String(p.runMPerYear),
    deer: p.deer,
    rabbits: p.rabbits,
    hazards: p.hazards.join('|'),
    invasive_note: p.invasiveNote,
    pruning_group: p.pruningGroup,
    pruning_months: monthsText(p.pruningMonths),
    spacing_habit: p.spacingHabit,
    sizes: p.sizes.map((s) => `${s.label} ${s.price.toFixed(2)}`).join('|'),
    ...traitCells(p),
  }
}

const rangeText = (range: LengthRange | null) => (range ? `${range.least}:${range.most}` : '')
const text = (n: number | null) => (n === null ? '' : String(n))

function traitCells(p: Plant): PlantCells {
  const { sowing, tender } = p
  return {
    family: p.family,
    synonyms: p.synonyms.join('|'),
    sold_as: p.soldAs.join('|'),
    ...toxicCells(p),
    skin: p.skin,
    spines: p.spines,
    heat_zone: `${p.heat.least}:${p.heat.most}`,
    flower_wood: p.flowerWood,
    clematis_group: text(p.clematisGroup),
    leaf_months: monthsText(p.leafMonths),
    ...showCells(p),
    salt: p.salt,
    wind: p.wind,
    drought: p.drought,
    least_pot_l: String(p.leastPotL),
    root: p.root,
    moves: p.moves,
    lifespan_years: String(p.lifespanYears),
    divide_years: String(p.divideYears),
    staking: p.staking,
    self_cleaning: p.selfCleaning ? 'yes' : 'no',
    ...(sowing ? sowingCells(sowing) : NOT_SOWN),
    ...tenderCells(tender),
    legal_note: p.legalNote,
    more_flower_colours: p.moreFlowerColours.join('|'),
    height_range_m: rangeText(p.heightRange),
    spread_range_m: rangeText(p.spreadRange),
    borrowed_from: p.borrowed?.from ?? '',
    borrowed: p.borrowed?.columns.join('|') ?? '',
    source: p.source,
    confidence: p.confidence,
  }
}

const NOT_SOWN: PlantCells = {
  sow: '',
  sow_weeks: '',
  sow_light: '',
  chill_weeks: '',
  germination_days: '',
  germination_percent: '',
}
const sowingCells = (s: Sowing): PlantCells => ({
  sow: s.where,
  sow_weeks: String(s.weeks),
  sow_light: s.light,
  chill_weeks: String(s.chillWeeks),
  germination_days: `${s.days.from}:${s.days.to}`,
  germination_percent: String(s.percent),
})

const toxicCells = ({ toxicity }: Plant): PlantCells => ({
  toxic_people: toxicity.people,
  toxic_cats: toxicity.cats,
  toxic_dogs: toxicity.dogs,
  toxic_livestock: toxicity.livestock,
  toxic_part: toxicity.part,
})
const inMonthsCells = (what: string, show: ColourInMonths | null): PlantCells => ({
  [`${what}_colour`]: show?.colour ?? '',
  [`${what}_months`]: monthsText(show?.months ?? []),
})
const showCells = (p: Plant): PlantCells => ({
  ...inMonthsCells('fruit', p.fruit),
  ...inMonthsCells('bark', p.bark),
  autumn_months: monthsText(p.autumnMonths),
  second_colour: p.secondLeaf?.colour ?? '',
  second_pattern: p.secondLeaf?.pattern ?? '',
})
const tenderCells = (tender: TenderHandling | null): PlantCells => ({
  tender: tender?.how ?? 'none',
  store_c: text(tender?.storeC ?? null),
  out_above_c: text(tender?.outAboveC ?? null),
})
