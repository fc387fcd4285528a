import type { BedFrame } from '../bed'
import { distance, lineLength, type Point } from '../geometry'
import type { PlacedPlant } from '../layout'
import { isWoody, type Plant, type WaterClass, WATER_CLASSES } from '../plant'
import type { Scene } from '../scene'
import { isSummerGreen, livesWith, PLANT_FACTORS, wantOf } from './plantNeed'
import { SOIL_WATER } from './soilWater'

/** What is chosen about the pipe; null: by the soil. Metres, litres an hour. */
export interface DripChoice {
  readonly rowM: number | null
  readonly emitterM: number | null
  readonly emitterLH: number
}

/** What is reckoned with of a run of inline pipe along the bed, and the plants it is for. */
export interface RowFigures {
  readonly lengthM: number
  /** Plain pipe from the header to where its emitters begin. */
  readonly leadM: number
  readonly emitterM: number
  /** How many emitters it has. */
  readonly many: number
  readonly want: WaterClass
  readonly plants: readonly PlacedPlant[]
}
/** What is reckoned with of a ring round a large plant, or of the emitters at a shrub. */
export interface SpotFigures {
  readonly plant: PlacedPlant
  /** Radius of a ring, metres; 0 for single emitters. */
  readonly ringM: number
  readonly lengthM: number
  readonly tubeM: number
  readonly many: number
  readonly want: WaterClass
}
/** The drip of one planned part of a bed, without where it lies. */
export interface DripFigures {
  readonly rows: readonly RowFigures[]
  readonly spots: readonly SpotFigures[]
  /** Length of the pipe across the ends of the rows. */
  readonly headerM: number
}

/** A run of inline pipe along the bed: its line in the bed's plan and the emitters on it. */
export interface DripRow extends RowFigures {
  readonly line: readonly Point[]
  readonly emitters: readonly Point[]
}
/** A ring of inline pipe, or one or two emitters; fed by thin pipe from the nearest row. */
export interface DripSpot extends SpotFigures {
  readonly from: Point
  readonly emitters: readonly Point[]
}
/** The drip of one planned part of a bed. */
export interface DripBed extends DripFigures {
  readonly rows: readonly DripRow[]
  readonly spots: readonly DripSpot[]
  /** The pipe across the ends of the rows. */
  readonly header: readonly Point[]
  /** Where the main reaches the bed. */
  readonly inlet: Point
}

/** The figures of laid drip alone: where its pipes and emitters lie takes far more room than they do. */
export const dripFigures = ({ rows, spots, headerM }: DripBed): DripFigures => ({
  rows: rows.map(({ lengthM, leadM, emitterM, many, want, plants }) => ({
    ...{ lengthM, leadM, emitterM, many, want, plants },
  })),
  spots: spots.map(({ plant, ringM, lengthM, tubeM, many, want }) => ({
    ...{ plant, ringM, lengthM, tubeM, many, want },
  })),
  headerM,
})

const RING_FROM_M = 1.2
const SHRUB_FROM_M = 0.6
const TWO_EMITTERS_FROM_M = 0.8
/** A ring lies under a quarter of the grown spread, no nearer and no farther than this. */
const RING_SHARE = 0.25
const NEAREST_RING_M = 0.3
const FARTHEST_RING_M = 0.9
const LEAST_RING_EMITTERS = 4
const RING_EMITTER_M = 0.3
const SHRUB_OFF_M = 0.15
/** Spacings in which inline pipe is made. */
const MADE_M = [0.2, 0.3, 0.4, 0.5] as const
const BEYOND_M = 0.15
const STEP_M = 0.1

/**
 * Lays drip into a bed: rows of inline pipe evenly over its depth, each from its first plant to its last, with emitters as far apart as
 * its plants and its soil allow; a ring round every large woody plant, one or two emitters at a shrub. What takes its water from its own
 * emitters, and what has died down by midsummer, needs no row. Source: docs/grounds/keeping, Water; docs/grounds/practice, The order
 * of the work.
 */
export function layDrip(scene: Scene, choice: DripChoice): DripBed {
  const { frame, placement, bed, climate } = scene
  const soil = SOIL_WATER[bed.ground.soil]
  const inline = placement.plants.filter(({ plant }) => !hasOwn(plant) && isSummerGreen(plant, climate))
  const own = placement.plants.filter(({ plant }) => hasOwn(plant))
  const deep = frame.depths.greatest
  const many = Math.max(1, Math.ceil((deep - frame.rimM) / (choice.rowM ?? soil.rowM)))
  const shares = Array.from({ length: many }, (_, i) => (i + 0.5) / many)
  const groups = shares.map(() => [] as PlacedPlant[])
  for (const p of inline) groups[nearestShare(frame, shares, p)]!.push(p)
  const rows = groups.flatMap((plants, i) =>
    plants.length > 0 ? [rowOf(frame, shares[i]!, plants, choice, soil.emitterM)] : [],
  )
  const header = headerOf(frame, rows)
  const feeders = [...rows.flatMap((r) => r.line), ...header]
  const spots = own.map((p) => spotOf(p, feeders))
  return { rows, spots, header, headerM: lineLength(header), inlet: header[0]! }
}

const hasOwn = (p: Plant) => isWoody(p) && p.spreadM >= SHRUB_FROM_M

function nearestShare(frame: BedFrame, shares: readonly number[], p: Point): number {
  const { a, v } = frame.locate(p)
  const share = v / Math.max(0.01, frame.depthAlong(a))
  return Math.max(0, Math.min(shares.length - 1, Math.round(share * shares.length - 0.5)))
}

function rowOf(
  frame: BedFrame,
  share: number,
  plants: readonly PlacedPlant[],
  choice: DripChoice,
  most: number,
): DripRow {
  const at = (a: number) => frame.at(a, share * frame.depthAlong(a))
  const places = plants.map((p) => frame.locate(p).a).sort((a, b) => a - b)
  const from = frame.closed ? frame.runFrom : Math.max(frame.runFrom, places[0]! - BEYOND_M)
  const to = frame.closed ? frame.runTo : Math.min(frame.runTo, places[places.length - 1]! + BEYOND_M)
  const line = lineFrom(at, from, to)
  const emitterM = choice.emitterM ?? madeSpacing(Math.min(most, middleGap(places, frame.stretchAt(from, share))))
  const emitters = along(line, emitterM)
  return {
    line,
    lengthM: lineLength(line),
    leadM: frame.closed ? 0 : lineLength(lineFrom(at, frame.runFrom, from)),
    emitterM,
    many: emitters.length,
    emitters,
    want: wantOfAll(plants),
    plants,
  }
}

function lineFrom(at: (a: number) => Point, from: number, to: number): Point[] {
  const steps = Math.max(1, Math.ceil((to - from) / STEP_M))
  return Array.from({ length: steps + 1 }, (_, i) => at(from + ((to - from) * i) / steps))
}
/** Points every so many metres along a line, the first half a spacing in. */
function along(line: readonly Point[], every: number): Point[] {
  const points: Point[] = []
  let [gone, next] = [0, every / 2]
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1]!, line[i]!]
    const d = distance(a, b)
    for (; next <= gone + d + 1e-9; next += every) {
      const u = d > 0 ? (next - gone) / d : 0
      points.push({ x: a.x + (b.x - a.x) * u, y: a.y + (b.y - a.y) * u })
    }
    gone += d
  }
  return points.length > 0 ? points : [line[0]!]
}

/** The widest spacing that is made and no wider than asked. */
const madeSpacing = (wanted: number) => [...MADE_M].reverse().find((m) => m <= wanted + 1e-9) ?? MADE_M[0]

/** The middle one of the gaps between the plants of a row, on the ground. */
function middleGap(places: readonly number[], stretch: number): number {
  const gaps = places
    .slice(1)
    .map((a, i) => (a - places[i]!) * stretch)
    .filter((g) => g > 0.05)
    .sort((a, b) => a - b)
  return gaps[Math.floor(gaps.length / 2)] ?? Infinity
}

/** The want that most of the plants can live with, weighed by the ground they take; the drier one of two alike. */
function wantOfAll(plants: readonly PlacedPlant[]): WaterClass {
  const ground = ({ plant }: PlacedPlant) => plant.spreadM ** 2
  const fits = (want: WaterClass) =>
    plants.reduce(
      (n, p) => n + (livesWith(p.plant, want) ? ground(p) : 0) + (wantOf(p.plant) === want ? ground(p) : 0),
      0,
    )
  return [...WATER_CLASSES].sort((a, b) => fits(b) - fits(a) || PLANT_FACTORS[a] - PLANT_FACTORS[b])[0]!
}

/** From the first row to the last, at the bed's left end or at the seam of a round one; the main comes to its front. */
function headerOf(frame: BedFrame, rows: readonly DripRow[]): Point[] {
  const a = frame.runFrom
  const deep = frame.depthAlong(a)
  const front = frame.at(a, deep)
  if (rows.length === 0) return [front, frame.at(a, deep / 2)]
  const shareOf = ({ line }: DripRow) => {
    const { a: along, v } = frame.locate(line[0]!)
    return v / Math.max(0.01, frame.depthAlong(along))
  }
  const v = Math.min(...rows.map(shareOf)) * deep
  return [front, frame.at(a, v)]
}

function spotOf(plant: PlacedPlant, feeders: readonly Point[]): DripSpot {
  const { x, y, plant: kind } = plant
  const from = nearestOf(feeders, plant)
  const isRing = kind.spreadM >= RING_FROM_M
  const ringM = isRing ? Math.max(NEAREST_RING_M, Math.min(FARTHEST_RING_M, kind.spreadM * RING_SHARE)) : 0
  const round = 2 * Math.PI * ringM
  const single = kind.spreadM >= TWO_EMITTERS_FROM_M ? 2 : 1
  const many = isRing ? Math.max(LEAST_RING_EMITTERS, Math.round(round / RING_EMITTER_M)) : single
  const off = isRing ? ringM : SHRUB_OFF_M
  return {
    plant,
    ringM,
    lengthM: round,
    tubeM: Math.max(0, distance(from, plant) - ringM),
    from,
    many,
    emitters: Array.from({ length: many }, (_, i) => {
      const angle = (2 * Math.PI * i) / many
      return { x: x + off * Math.cos(angle), y: y + off * Math.sin(angle) }
    }),
    want: wantOf(kind),
  }
}

const nearestOf = (points: readonly Point[], to: Point): Point =>
  points.reduce((best, p) => (distance(p, to) < distance(best, to) ? p : best))
