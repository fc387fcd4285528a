import { z } from 'zod'
import { classRange, colour, manyOf, months, name, number, numberRange, oneOf, sizes, text } from './cells'
import {
  BROWSING,
  FLOWER_FORMS,
  HABITS,
  HAZARDS,
  KINDS,
  LEAF_OUTLINES,
  LEAF_SIZES,
  LEAF_SURFACES,
  LIFE_CYCLES,
  PRUNING_GROUPS,
  RETENTIONS,
  SOILS,
  SPACING_HABITS,
  SUN_CLASSES,
  TRAVELS,
  WATER_CLASSES,
} from './plant'
import { filledCells, TRAIT_CELLS } from './traitCells'

/** One row of a plant list (CSV, every cell a text), nothing left out. The message of each issue is what was expected in the cell. */
const wholeRow = z
  .object({
    botanical_name: name,
    common_name: name,
    kind: oneOf(KINDS),
    life_cycle: oneOf(LIFE_CYCLES),
    foliage_height_m: number(0.02, 40),
    flower_height_m: number(0.02, 40),
    spread_m: number(0.03, 30),
    years_to_90: number(0.5, 60),
    habit: oneOf(HABITS),
    clear_stem_m: number(0, 10),
    leaf_size: oneOf(LEAF_SIZES),
    leaf_outline: oneOf(LEAF_OUTLINES),
    leaf_surface: oneOf(LEAF_SURFACES),
    density: number(0.1, 1),
    spring_colour: colour,
    summer_colour: colour,
    autumn_colour: colour,
    winter_colour: colour,
    retention: oneOf(RETENTIONS),
    flower_colour: z.union([z.literal('').transform(() => null), colour], 'a colour such as #8aa05b, or nothing'),
    flower_months: months,
    flower_form: oneOf(FLOWER_FORMS),
    fragrance: oneOf(['none', 'slight', 'strong']),
    sun: classRange(SUN_CLASSES),
    water: classRange(WATER_CLASSES),
    soil: manyOf(SOILS, 1),
    ph: numberRange(3, 10),
    zones: numberRange(1, 13),
    travels: oneOf(TRAVELS),
    run_m_per_year: number(0, 3),
    deer: oneOf(BROWSING),
    rabbits: oneOf(BROWSING),
    hazards: manyOf(HAZARDS),
    invasive_note: text(200),
    pruning_group: oneOf(PRUNING_GROUPS),
    pruning_months: months,
    spacing_habit: oneOf(SPACING_HABITS),
    sizes,
    ...TRAIT_CELLS,
  })
  .superRefine((row, context) => {
    const say = (column: string, message: string) => context.addIssue({ code: 'custom', path: [column], message })
    if (row.flower_height_m < row.foliage_height_m && row.habit !== 'trailing')
      say('flower_height_m', 'a height at or above foliage_height_m')
    if ((row.flower_form === 'none') !== (row.flower_months.length === 0))
      say('flower_months', 'months when flower_form is given, nothing when it is none')
    if ((row.flower_form === 'none') !== (row.flower_colour === null))
      say('flower_colour', 'a colour when flower_form is given, nothing when it is none')
    if ((row.fruit_colour === null) !== (row.fruit_months.length === 0))
      say('fruit_months', 'months when fruit_colour is given, nothing when it is not')
    if ((row.bark_colour === null) !== (row.bark_months.length === 0))
      say('bark_months', 'months when bark_colour is given, nothing when it is not')
    if ((row.second_colour === null) !== (row.second_pattern === null))
      say('second_pattern', 'a pattern when second_colour is given, nothing when it is not')
    if ((row.sow === null) !== (row.sow_weeks === null))
      say('sow_weeks', 'weeks when sow is given, nothing when not')
    if (row.clear_stem_m >= row.foliage_height_m) say('clear_stem_m', 'a stem shorter than foliage_height_m')
  })

/** What a list says nothing of is filled in, so that a list of the earlier columns reads. */
export const plantRowSchema = z.preprocess((cells) => filledCells(cells as Record<string, string>), wholeRow)

export type PlantRow = z.infer<typeof wholeRow>
export const PLANT_COLUMNS = Object.keys(wholeRow.shape)
/** Columns that every list must have. */
export const NEEDED_COLUMNS = PLANT_COLUMNS.filter((c) => !Object.keys(TRAIT_CELLS).includes(c))
