import { once } from '../once'
import type { Buying } from '../model'
import { grownShare, lookAt, sizeAt, withoutShow, type Look, type Plant } from '../plant'
import { libraryMonth, seasonNumber, seasonsGrown, type Climate, type Moment } from '../time'
import { ByIdInOrder } from './ByIdInOrder'
import type { PlacedPlant } from './PlacedPlant'
import { standsAt, type Standing, type Stays } from './stays'

/** A plant as it stands at a moment: metres now, and its look. */
export interface Body {
  readonly at: PlacedPlant
  readonly foliageM: number
  readonly flowerM: number
  readonly spreadM: number
  readonly look: Look
}
type Shape = Omit<Body, 'at'>

/**
 * Bodies of all plants at a moment, in order; `stays` says which places change hands. A bulb planted this year shows from the next. Of
 * bodies made `before`, those that are as they were are the same objects.
 */
export function bodiesAt(
  plants: readonly PlacedPlant[],
  moment: Moment,
  climate: Climate,
  buying: readonly Buying[] = [],
  stays: Stays = null,
  before: readonly Body[] = [],
): Body[] {
  const bought = new Map(buying.map((b) => [b.plantId, b.size]))
  const known = new Map<Plant, Shape>()
  const former = new ByIdInOrder(before, (b) => b.at)
  return plants.map((at, i) => {
    if (stays?.has(at.driftId)) return bodyOfStay(at, standsAt(at, moment, stays), climate, bought)
    if (at.standing) return { at, ...standingShape(at, moment, climate) }
    let shape = known.get(at.plant)
    if (!shape) known.set(at.plant, (shape = keptShape(at.plant, moment, climate, bought.get(at.plant.id) ?? '')))
    const was = former.get(at, i)
    return was && isLike(was, shape) ? was : bodyOf(at, shape)
  })
}

const bodyOf = (at: PlacedPlant, { foliageM, flowerM, spreadM, look }: Shape): Body => ({
  at,
  foliageM,
  flowerM,
  spreadM,
  look,
})

const isLike = (body: Body, shape: Shape): boolean =>
  body.look === shape.look &&
  body.foliageM === shape.foliageM &&
  body.flowerM === shape.flowerM &&
  body.spreadM === shape.spreadM

/** A plant whose place changes hands through the year: what stands in it now, or nothing. */
function bodyOfStay(
  at: PlacedPlant,
  now: Standing | null,
  climate: Climate,
  bought: ReadonlyMap<string, string>,
): Body {
  if (!now) return { at, foliageM: 0, flowerM: 0, spreadM: 0, look: withoutShow(lookAt(at.plant, 1, climate)) }
  const { plant, moment, isTurn } = now
  const label = bought.get(plant.id) ?? ''
  const shape = keptShape(isTurn ? inTurn(plant) : plant, moment, climate, label)
  return bodyOf(plant === at.plant ? at : { ...at, plant }, shape)
}

/** Set out while nights still freeze. */
const standsFrost = ({ tender }: Plant) => tender === null || (tender.outAboveC ?? 1) <= 0

/** Biennials and hardy annuals as they are set for a part of the year: grown up, in leaf through the cold, in flower in their months. */
const inTurn = once((plant: Plant): Plant => {
  const isHardySeasonal = plant.lifeCycle === 'biennial' || (plant.lifeCycle === 'annual' && standsFrost(plant))
  return isHardySeasonal ? { ...plant, lifeCycle: 'herbaceous', retention: 'evergreen', yearsTo90: 0.5 } : plant
})

/** Shapes known already, of each climate and plant by moment and size bought: the same months are asked for again and again. */
const shapesOf = once<Climate, (plant: Plant) => Map<string | number, Shape>>(() => once(() => new Map()))
const MOST_MOMENTS = 500

function keptShape(plant: Plant, moment: Moment, climate: Climate, label: string): Shape {
  const ofPlant = shapesOf(climate)(plant)
  const number = moment.year * 12 + moment.month
  const key = label === '' ? number : `${number}:${label}`
  const kept = ofPlant.get(key)
  if (kept) return kept
  if (ofPlant.size >= MOST_MOMENTS) ofPlant.clear()
  const shape = shapeAt(plant, moment, climate, label)
  ofPlant.set(key, shape)
  return shape
}

/** What is left of height and of spread after a hard cut. */
const CUT_TO = 0.25
const CUT_WIDE = 0.6
const GROWN_YEAR = 30

/** A plant that stood there before grows on from its size then toward its mature one; cut back or divided it begins smaller. */
function standingShape(at: PlacedPlant, moment: Moment, climate: Climate): Shape {
  const { heightM, spreadM, cutBack, divided, gap } = at.standing!
  const full = shapeAt(at.plant, { ...moment, year: GROWN_YEAR }, climate)
  if (gap) return { foliageM: 0, flowerM: 0, spreadM: 0, look: withoutShow(full.look) }
  const share = grownShare(seasonsGrown(moment, climate), at.plant.yearsTo90)
  const mature = Math.max(at.plant.foliageHeightM, at.plant.flowerHeightM)
  const from = heightM * (cutBack ? CUT_TO : 1)
  const wide = (spreadM * (cutBack ? CUT_WIDE : 1)) / Math.sqrt(divided)
  // What is larger than its kind is said to grow comes back to its size, and stays so.
  const h = from + (Math.max(heightM, mature) - from) * share
  const w = wide + (Math.max(wide, at.plant.spreadM) - wide) * share
  const foliageM = full.foliageM * (h / mature)
  return {
    foliageM,
    flowerM: full.flowerM * (h / mature),
    spreadM: full.spreadM * (w / at.plant.spreadM),
    look: full.look,
  }
}

function shapeAt(plant: Plant, moment: Moment, climate: Climate, label?: string): Shape {
  const look = lookOf(plant, moment, climate)
  const size = sizeAt(plant, moment.year, moment.month, climate, label || undefined)
  const { height } = look
  const showsFlower = look.flower > 0 || look.state === 'dry'
  return {
    foliageM: size.foliageM * height,
    flowerM: showsFlower ? size.flowerM * Math.max(height, LEAST_STEM) : size.foliageM * height,
    spreadM: height === 0 ? 0 : size.spreadM * (plant.lifeCycle === 'woody' ? 1 : 0.45 + 0.55 * height),
    look,
  }
}

/** A flower stem stands at half its height before the leaves are full. */
const LEAST_STEM = 0.5

/** The look of a month, and of a year: bulbs wait for their first spring, biennials flower in every second season. */
function lookOf(plant: Plant, moment: Moment, climate: Climate): Look {
  const look = lookAt(plant, moment.month, climate)
  if (plant.lifeCycle === 'bulb' && isBeforeBulbs(moment, climate)) return withoutShow(look)
  if (plant.lifeCycle !== 'biennial') return look
  return seasonNumber(moment, climate) % 2 === 0
    ? inLeafOnly(plant, look)
    : inFlowerYear(plant, look, moment, climate)
}

const AUTUMN_PLANTING = 9

/** Bulbs are planted in the first autumn of the place; before its end nothing of them shows. */
function isBeforeBulbs({ month, year }: Moment, climate: Climate): boolean {
  if (year > 0) return false
  return !climate.southern || month < ((AUTUMN_PLANTING + 5) % 12) + 1
}

const inLeafOnly = (plant: Plant, look: Look): Look => (look.flower > 0 ? { ...look, flower: 0 } : look)

/** A biennial sets seed and dies with its second summer; seedlings of its own or new plants begin again. */
function inFlowerYear(plant: Plant, look: Look, { month }: Moment, climate: Climate): Look {
  const last = plant.flowerMonths[plant.flowerMonths.length - 1]
  const isOver = last !== undefined && libraryMonth(month, climate) > last + 1
  return isOver ? withoutShow(look) : look
}
