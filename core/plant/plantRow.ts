import { z } from 'zod'
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

const NAME_LIMIT = 120
const text = (limit: number) => z.string().trim().max(limit, `a text of at most ${limit} characters`)
const name = text(NAME_LIMIT)
  .min(1, 'a name')
  .regex(/^[^<>]*$/, 'a name without < or >')
const oneOf = <const T extends readonly [string, ...string[]]>(values: T) =>
  z.enum(values, `one of ${values.join(', ')}`)
const number = (low: number, high: number) =>
  z
    .string()
    .trim()
    .regex(/^\d+(\.\d+)?$/, `a number from ${low} to ${high}`)
    .transform(Number)
    .pipe(z.number().min(low, `a number from ${low} to ${high}`).max(high, `a number from ${low} to ${high}`))
const colour = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^#[0-9a-f]{6}$/, 'a colour such as #8aa05b')
const manyOf = <const T extends readonly [string, ...string[]]>(values: T, least = 0) =>
  z
    .string()
    .trim()
    .transform((s) => (s === '' ? [] : s.split('|')))
    .pipe(
      z
        .array(z.enum(values, `any of ${values.join(', ')} with | between`))
        .min(least, `at least one of ${values.join(', ')}`),
    )

/** `6-8`, `11-2` (over the new year), `8|11`, or empty. */
const months = z
  .string()
  .trim()
  .regex(/^$|^\d{1,2}(-\d{1,2})?(\|\d{1,2}(-\d{1,2})?)*$/, 'months such as 6-8, 11-2 or 8|11')
  .transform((s) => (s === '' ? [] : s.split('|').flatMap(monthRange)))
  .pipe(z.array(z.number().min(1, 'months from 1 to 12').max(12, 'months from 1 to 12')))

function monthRange(part: string): number[] {
  const [from = 0, to = from] = part.split('-').map(Number)
  if (from < 1 || from > 12 || to < 1 || to > 12) return [0]
  const list = [from]
  for (let m = from; m !== to;) list.push((m = (m % 12) + 1))
  return list
}

const classRange = <const T extends readonly [string, ...string[]]>(values: T) =>
  z
    .string()
    .trim()
    .transform((s) => s.split(':'))
    .pipe(z.tuple([oneOf(values), oneOf(values)], `a range such as ${values[0]}:${values[1]}`))
    .refine(([a, b]) => values.indexOf(a!) <= values.indexOf(b!), `a range in the order ${values.join(', ')}`)

const numberRange = (low: number, high: number) =>
  z
    .string()
    .trim()
    .regex(/^\d+(\.\d+)?:\d+(\.\d+)?$/, `a range from ${low} to ${high} such as ${low + 1}:${high - 1}`)
    .transform((s) => s.split(':').map(Number) as [number, number])
    .refine(([a, b]) => a >= low && b <= high && a <= b, `a range from ${low} to ${high}, the lower figure first`)

const sizes = z
  .string()
  .trim()
  .regex(/^[^|<>]+ \d+(\.\d+)?(\|[^|<>]+ \d+(\.\d+)?)*$/, 'sizes with prices such as 9 cm 6.50|2 L 14.00')
  .transform((s) =>
    s.split('|').map((part) => {
      const cut = part.lastIndexOf(' ')
      return { label: part.slice(0, cut), price: Number(part.slice(cut + 1)) }
    }),
  )

/** One row of a plant list (CSV, every cell a text). The message of each issue is what was expected in the cell. */
export const plantRowSchema = z
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
  })
  .superRefine((row, context) => {
    const say = (column: string, message: string) => context.addIssue({ code: 'custom', path: [column], message })
    if (row.flower_height_m < row.foliage_height_m && row.habit !== 'trailing')
      say('flower_height_m', 'a height at or above foliage_height_m')
    if ((row.flower_form === 'none') !== (row.flower_months.length === 0))
      say('flower_months', 'months when flower_form is given, nothing when it is none')
    if ((row.flower_form === 'none') !== (row.flower_colour === null))
      say('flower_colour', 'a colour when flower_form is given, nothing when it is none')
    if (row.clear_stem_m >= row.foliage_height_m) say('clear_stem_m', 'a stem shorter than foliage_height_m')
  })

export type PlantRow = z.infer<typeof plantRowSchema>
export const PLANT_COLUMNS = Object.keys(plantRowSchema.shape)
