import { z } from 'zod'
import { SOILS, WATER_CLASSES } from '../plant'
import {
  colourSchema,
  far,
  idSchema,
  metre,
  nameSchema,
  placeMonth,
  plantIdSchema,
  point,
  saidSchema,
  textSchema,
  whole,
  type Frozen,
} from './basic'
import { CONDITIONS, DRAINAGE, EXPOSURE, FATES, FEATURE_KINDS, IRRIGATION, ORDER_KINDS, SCHOOL_IDS } from './codes'
import { driftSchema } from './drift'
import { formShape, outlineShape, wallSchema } from './form'

/**
 * Where the bed is seen from: eye above ground, distance from its nearest edge (metres), and how far round the viewer has walked from the
 * front, clockwise as drawn from above (90: from the left end).
 */
const viewpointSchema = z.object({
  name: nameSchema,
  eyeHeightM: metre(0.2, 15, 'Eye height'),
  distanceM: metre(0.2, 100, 'The distance'),
  turnDeg: z.number().min(-360).max(360).default(0),
})
const exposure = z.enum(EXPOSURE).default('none')
/**
 * What the ground offers. `sunHours` is a growing-season mean measured by hand; it counts when `sunByHand` is set or the bed has no place
 * on the site, otherwise the light is computed.
 */
const groundSchema = z.object({
  sunHours: z.number().min(0, 'Sun hours must be at least 0.').max(18, 'Sun hours can be at most 18 a day.'),
  sunByHand: z.boolean().default(true),
  facing: textSchema(40),
  water: z.enum(WATER_CLASSES),
  soil: z.enum(SOILS),
  ph: z.number().min(3, 'pH must be at least 3.').max(10, 'pH can be at most 10.'),
  drainage: z.enum(DRAINAGE).default('steady'),
  wetInWinter: z.boolean().default(false),
  wind: exposure,
  salt: exposure,
  reflectedHeat: exposure,
  deer: exposure,
  rabbits: exposure,
  irrigation: z.enum(IRRIGATION).default('none'),
})
/** A plant that stands in the bed already, or a gap kept for one to come: its place (plan), its size today and what becomes of it. */
const existingSchema = z.object({
  id: idSchema,
  name: nameSchema,
  /** Its kind by the library; empty when it is not known. */
  plantId: z.union([z.literal(''), plantIdSchema]),
  x: far,
  y: far,
  heightM: metre(0.02, 40, 'A height'),
  spreadM: metre(0.02, 30, 'A spread'),
  condition: z.enum(CONDITIONS),
  fate: z.enum(FATES),
  /** Into how many it is divided; 1 otherwise. */
  into: z.number().int().min(1, 'At least one part.').max(50, 'At most 50 parts.'),
  /** The month in which it is to be moved or divided; null or left out while that is not said. */
  month: placeMonth.nullish(),
  note: textSchema(500, 'A note'),
})
/** A single plant moved by hand; it stays where it was put. `index` is the number it was given. */
const pinSchema = z.object({ driftId: idSchema, index: whole.max(1_000_000), x: far, y: far })
const acceptanceSchema = z.object({
  findingId: z.string().min(1).pipe(textSchema(200)),
  title: textSchema(300),
  reason: saidSchema(500, 'A reason', 'A reason is needed.'),
})
/** What is bought of a plant: the size, and how many are there already. */
const buyingSchema = z.object({ plantId: plantIdSchema, size: textSchema(60), have: whole.max(100000) })
/** How the lanes share the depth at a place along the front edge, metres; straight between such places. A lane may be nothing there. */
const laneStationSchema = z.object({
  atM: z.number().min(0).max(500),
  shares: z
    .array(z.number().min(0).max(1))
    .min(1)
    .max(5)
    .refine((s) => s.reduce((sum, n) => sum + n, 0) > 0.01, 'At least one lane must have some depth.'),
})
/**
 * A thing in a bed that does not grow. Its middle lies at (x, y) of the bed's plan; `line` is its way about that middle for gravel,
 * stepping stones and edging (two points or more; empty: a rectangle, or straight). Metres; turned toward the front by `turnDeg`.
 */
const featureSchema = z.object({
  id: idSchema,
  kind: z.enum(FEATURE_KINDS),
  x: far,
  y: far,
  lengthM: metre(0.02, 60, 'A thing’s length'),
  widthM: metre(0.02, 20, 'A thing’s width'),
  /** Above the ground; of lying things how deep they are laid. */
  heightM: metre(0.01, 12, 'A thing’s height'),
  turnDeg: z.number().min(-180).max(180),
  colour: colourSchema,
  line: z.array(point).max(60),
})
/**
 * An order among drifts that is kept while one of them is edited; lengths in metres along the front edge.
 * `mirror`: the second is the first mirrored about `atM` (count, plant and shape too). `steps`: in the order named, equally far apart.
 * `aligned`: its only drift stands at `atM`. `together`: the others keep their distance to the one that moves. `apart`: at least so far.
 */
const driftOrderSchema = z.object({
  id: idSchema,
  kind: z.enum(ORDER_KINDS),
  driftIds: z.array(idSchema).min(1).max(40),
  /** The line of a mirror, or the place of an alignment; 0 otherwise. */
  atM: z.number().min(0).max(500),
  /** The step, or the least distance; 0 otherwise. */
  stepM: z.number().min(0).max(100),
  /** What the line is: `middle`, `across` (round beds and courts, from side to side), a window's or door's id, or `place`. */
  about: textSchema(80),
})
/** Words pinned to a place of a bed's plan, metres. */
const noteSchema = z.object({
  id: idSchema,
  x: far,
  y: far,
  text: saidSchema(500, 'A note', 'A note needs words.'),
})

const plantSetSchema = z.object({ name: nameSchema, plantIds: z.array(plantIdSchema).min(2).max(6) })

/** What is composed and decided for one bed, part by part; edits carry parts of it. Beds of earlier versions have not all of them. */
export const bedShape = {
  name: nameSchema,
  form: formShape,
  /** The edges of a bed between two edges. */
  outline: outlineShape,
  /** Depth share of each lane from back to front, adding up to 1; one to five of them. */
  laneShares: z.array(z.number().min(0.02).max(1)).min(1).max(5),
  /** Where the lanes share the depth otherwise, in order along the bed; none: the same all along. */
  laneStations: z.array(laneStationSchema).max(40),
  /** What does not grow: stone, gravel, pots, supports. */
  features: z.array(featureSchema).max(200),
  /** Orders among drifts that are kept while they are edited. */
  orders: z.array(driftOrderSchema).max(100),
  notes: z.array(noteSchema).max(200),
  wall: wallSchema.nullable(),
  viewpoint: viewpointSchema,
  ground: groundSchema,
  school: z.enum(SCHOOL_IDS),
  drifts: z.array(driftSchema).max(400),
  /** What stands there already, and gaps kept for what will come. */
  existing: z.array(existingSchema).max(200),
  pins: z.array(pinSchema).max(5000),
  accepted: z.array(acceptanceSchema).max(500),
  shortlist: z
    .array(plantIdSchema)
    .max(400)
    .transform((ids) => [...new Set(ids)]),
  buying: z.array(buyingSchema).max(400),
  /** Plants looked at together and kept by a name, to be set when their place comes. */
  sets: z.array(plantSetSchema).max(60),
}
/** Everything that is composed and decided for one bed. */
export type Bed = Frozen<z.infer<z.ZodObject<typeof bedShape>>>

export type Viewpoint = Bed['viewpoint']
export type Ground = Bed['ground']
export type Existing = Bed['existing'][number]
export type Pin = Bed['pins'][number]
export type Buying = Bed['buying'][number]
export type LaneStation = Bed['laneStations'][number]
export type Feature = Bed['features'][number]
export type DriftOrder = Bed['orders'][number]
export type Note = Bed['notes'][number]
