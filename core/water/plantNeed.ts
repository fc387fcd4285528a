import { lookAt, sizeAt, type Plant, type WaterClass, WATER_CLASSES } from '../plant'
import { placeMonth, type Climate, type LibraryMonth, type PlaceMonth } from '../time'
import { daysOfMonth, monthGrassWater, rainThatCounts, type ClimateTable } from '../weather'

/** Share of the water of short grass that a plant of each want gives off. Source: docs/grounds/keeping, Water. */
export const PLANT_FACTORS: Readonly<Record<WaterClass, number>> = { dry: 0.3, average: 0.5, moist: 0.8, wet: 1 }
/** A first-year plant is kept moister than it will want, by this; so much of the rain reaches its small ball. By year from planting. */
const YOUNG = [1.5, 1.2, 1] as const
const RAIN_REACHED = [0.5, 0.75, 1] as const
/** So much of a month's usual rain comes in four years of five: watering is planned on it. */
const DEPENDABLE = 0.6
/** Leaves throw off most of the rain that would fall into a pot. */
const POT_RAIN = 0.25
/** No plant is watered on less ground than its root ball takes, metres across. */
const LEAST_ACROSS_M = 0.25

/** What watering goes by beside the plant. */
export interface WaterContext {
  readonly climate: Climate
  readonly table: ClimateTable
  readonly latitude: number
  readonly inPots: boolean
  /** Share of its spread that a plant has to itself, 0-1: less than 1 where canopies lie over one another. */
  readonly own: number
}

/** The want of a plant: the middle of its range, the drier one of two. */
export function wantOf({ water }: Plant): WaterClass {
  const from = WATER_CLASSES.indexOf(water.driest)
  const to = WATER_CLASSES.indexOf(water.wettest)
  return WATER_CLASSES[Math.floor((from + to) / 2)]!
}

/** Whether a plant can live with what another want is given. */
export function livesWith({ water }: Plant, want: WaterClass): boolean {
  const at = WATER_CLASSES.indexOf(want)
  return at >= WATER_CLASSES.indexOf(water.driest) && at <= WATER_CLASSES.indexOf(water.wettest)
}

const ofYear = (list: readonly number[], year: number) => list[Math.min(year, list.length - 1)]!

/**
 * Litres a day that a plant wants beside the rain in a month of a year from planting (0: the first): `grass water × factor × canopy`, less
 * the rain that counts on the same ground; nothing while it is out of leaf. Source: docs/grounds/keeping, Water.
 */
export function plantNeedL(plant: Plant, month: PlaceMonth, year: number, at: WaterContext): number {
  return Math.max(0, wantMm(wantOf(plant), month, year, at)) * groundM2(plant, month, year, at)
}

/** Square metres that a plant draws water from in a month of a year; none while it is out of leaf. */
export function groundM2(plant: Plant, month: PlaceMonth, year: number, at: WaterContext): number {
  if (lookAt(plant, month, at.climate).leaf <= 0) return 0
  const across = Math.max(LEAST_ACROSS_M, sizeAt(plant, year, month, at.climate).spreadM)
  return Math.PI * (across / 2) ** 2 * at.own
}

const MIDSUMMER: LibraryMonth = 7
/** Whether a plant is in leaf at midsummer: what has died down by then needs no pipe. */
export const isSummerGreen = (plant: Plant, climate: Climate): boolean =>
  lookAt(plant, placeMonth(MIDSUMMER, climate), climate).leaf > 0

/** Millimetres a day beside the rain; negative where rain brings more than is wanted. */
export function wantMm(want: WaterClass, month: PlaceMonth, year: number, at: WaterContext): number {
  const grass = monthGrassWater(at.table, month, at.latitude)
  const rain = rainThatCounts(at.table[month - 1]!.rainMm * DEPENDABLE) / daysOfMonth(month)
  const reached = at.inPots ? POT_RAIN : ofYear(RAIN_REACHED, year)
  return grass * PLANT_FACTORS[want] * ofYear(YOUNG, year) - rain * reached
}
