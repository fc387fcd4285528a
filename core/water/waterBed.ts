import type { Bed } from '../model'
import { bedFigures, placingsOf } from '../bed'
import type { PlacedPlant } from '../layout'
import { sizeAt, type Plant } from '../plant'
import type { Scene } from '../scene'
import type { PlaceMonth } from '../time'
import type { ClimateTable } from '../weather'
import { dripFigures, layDrip, type DripBed, type DripChoice, type DripFigures } from './layDrip'
import { groundM2, plantNeedL, type WaterContext } from './plantNeed'

/** Watering seen from the year in which canopies have closed. */
const CLOSED_YEAR = 5
const MIDSUMMER = 7

/** One bed as watering goes by it, with its drip as laid or with the figures of it alone. */
export interface WaterBed<D extends DripFigures = DripBed> {
  readonly id: string
  readonly bed: Bed
  /** The plants of all its parts. */
  readonly planted: readonly PlacedPlant[]
  readonly at: WaterContext
  /** How many equal parts it has; drip is laid for one of them. */
  readonly parts: number
  readonly areaM2: number
  /** Laid drip, of one part; null where the bed is watered otherwise. */
  readonly drip: D | null
  /** Pipe from the tap to the bed, metres, and whether someone measured or drew it. */
  readonly mainM: number
  readonly isMainKnown: boolean
}

export interface WaterAsk {
  readonly table: ClimateTable
  readonly latitude: number
  readonly choice: DripChoice
  readonly mains: Readonly<Record<string, number>>
}

/** Until the tap is drawn on the site or a length is typed. */
const USUAL_MAIN_M = 15

/** The drip of a bed whose ground says that it is watered so; null otherwise. Pots are watered by hand. */
export const dripOfScene = (scene: Scene, choice: DripChoice): Pick<WaterBed, 'bed' | 'drip'> => ({
  bed: scene.bed,
  drip:
    scene.bed.ground.irrigation === 'drip' && scene.bed.form.kind !== 'container' ? layDrip(scene, choice) : null,
})

/** A bed with its drip laid, where its ground says that it is watered so. */
export function waterBed(id: string, scene: Scene, { table, latitude, choice, mains }: WaterAsk): WaterBed {
  const { bed, frame, climate } = scene
  const { areaM2 } = bedFigures(bed, frame)
  const inPots = bed.form.kind === 'container'
  const grown = scene.planted.reduce(
    (n, { plant }) => n + Math.PI * (sizeAt(plant, CLOSED_YEAR, MIDSUMMER, climate).spreadM / 2) ** 2,
    0,
  )
  const room = inPots ? grown : areaM2
  const own = grown > 0 ? Math.min(1, room / grown) : 1
  return {
    id,
    bed,
    planted: scene.planted,
    at: { climate, table, latitude, inPots, own },
    parts: placingsOf(bed.form).length,
    areaM2,
    drip: dripOfScene(scene, choice).drip,
    mainM: mains[id] ?? USUAL_MAIN_M,
    isMainKnown: mains[id] !== undefined,
  }
}

/** A bed without where its drip lies. */
export const waterFigures = (bed: WaterBed): WaterBed<DripFigures> => ({
  ...bed,
  drip: bed.drip && dripFigures(bed.drip),
})

type OfOne = (plant: Plant, month: PlaceMonth, year: number, at: WaterContext) => number

/** Adds up a figure of plants, reckoned once for each kind. */
function sumOf(plants: readonly PlacedPlant[], of: (plant: Plant) => number): number {
  const known = new Map<Plant, number>()
  let sum = 0
  for (const { plant } of plants) {
    let one = known.get(plant)
    if (one === undefined) known.set(plant, (one = of(plant)))
    sum += one
  }
  return sum
}
const overPlants =
  (of: OfOne) =>
  (plants: readonly PlacedPlant[], at: WaterContext, month: PlaceMonth, year: number): number =>
    sumOf(plants, (plant) => of(plant, month, year, at))

/** Litres a day that plants want in a month of a year from planting, without what any way of watering loses. */
export const needL = overPlants(plantNeedL)
/** Square metres that plants draw water from. */
export const drawnM2 = overPlants(groundM2)
