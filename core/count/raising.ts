import type { Way } from '../model'
import type { Plant } from '../plant'
import { addDays, daysBetween, nextDay, type Day } from '../time'

/** Frost dates of a place, month and day. */
export interface Frosts {
  readonly lastFrost: string
  readonly firstFrost: string
}

/** What is to be done for one kind that is raised, with its ISO days; days that do not apply are empty. Counts in pieces. */
export interface RaisingPlan {
  readonly plantId: string
  readonly way: Exclude<Way, 'pot' | 'plug'>
  /** Plants that must come of it. */
  readonly plants: number
  /** Seeds to sow, cuttings to take, or plants to divide. */
  readonly pieces: number
  readonly packets: number
  readonly grams: number | null
  readonly cells: number
  readonly trays: number
  readonly where: 'indoors' | 'direct' | 'outdoors'
  readonly light: 'light' | 'dark' | 'any'
  readonly chillFrom: Day
  readonly sow: Day
  readonly upFrom: Day
  readonly upTo: Day
  readonly prickOut: Day
  readonly hardenOff: Day
  readonly plantOut: Day
  /** What the counts rest on, in words. */
  readonly rests: string
}

/** Cells of a tray, seeds of a packet. */
const TRAY_CELLS = 40
const PACKET_SEEDS = 50
/** Share of what came up that lives to be planted out. */
const SURVIVAL = 0.8
/** Seeds for one plant while nothing is known of their germination. Source: docs/grounds/papers, Sow and raise. */
export const UNKNOWN_SEEDS = 4
/** Share of cuttings that root. */
const STRIKE = 0.65
/** Plants that one parent gives when it is divided. */
const DIVIDED_INTO = 4

const WEEK = 7
const PRICKED_AFTER = 14
const HARDENED_DAYS = 10
const ROOTED_WEEKS = { woody: 10, soft: 5 } as const

/** Typical seeds in a gram where the kind is known; the packet says it better. */
const SEEDS_PER_GRAM: Readonly<Partial<Record<Plant['kind'], number>>> = {
  annual: 400,
  biennial: 900,
  perennial: 1200,
  grass: 700,
  shrub: 150,
  tree: 20,
  climber: 40,
}

/**
 * How many seeds for so many plants: `plants (1 + spare) / (germination × survival)`, rounded up; four a plant when the germination is
 * not known. Shares from 0 to 1. Source: docs/grounds/calculations, Materials, water, work, money; docs/grounds/papers, Sow and raise.
 */
export function seedsFor(plants: number, germination: number | null, survival = SURVIVAL, spare = 0): number {
  if (plants <= 0) return 0
  if (germination === null || germination <= 0) return Math.ceil(plants * (1 + spare)) * UNKNOWN_SEEDS
  return Math.ceil((plants * (1 + spare)) / (germination * survival) - 1e-9)
}

/** What it takes to raise `plants` of a kind for the first last frost that leaves time for it from `today` on. */
export function raisingPlan(
  plant: Plant,
  way: Exclude<Way, 'pot' | 'plug'>,
  plants: number,
  frosts: Frosts,
  today: Day,
): RaisingPlan {
  if (way === 'cutting') return cuttingPlan(plant, plants, frosts, today)
  return way === 'division' ? divisionPlan(plant, plants, frosts, today) : seedPlan(plant, plants, frosts, today)
}

const NO_DAYS = { chillFrom: '', sow: '', upFrom: '', upTo: '', prickOut: '', hardenOff: '', plantOut: '' }

function seedPlan(plant: Plant, plants: number, frosts: Frosts, today: Day): RaisingPlan {
  const s = plant.sowing ?? {
    where: 'indoors',
    weeks: -8,
    light: 'any',
    chillWeeks: 0,
    days: { from: 10, to: 28 },
    percent: 0,
  }
  const seeds = seedsFor(plants, s.percent > 0 ? s.percent / 100 : null)
  const cells = s.where === 'direct' ? 0 : Math.ceil(plants / SURVIVAL - 1e-9)
  const perGram = SEEDS_PER_GRAM[plant.kind] ?? null
  const lead = -s.weeks * WEEK + s.chillWeeks * WEEK
  const frost = frostWithTime(frosts, today, lead)
  const sow = addDays(frost, s.weeks * WEEK)
  const upTo = addDays(sow, s.days.to)
  const isIndoors = s.where === 'indoors'
  const plantOut = isIndoors ? plantOutDay(plant, frost, addDays(upTo, PRICKED_AFTER + 4 * WEEK)) : ''
  return {
    ...{ plantId: plant.id, way: 'seed', plants, pieces: seeds, cells, light: s.light, where: s.where },
    packets: Math.ceil(seeds / PACKET_SEEDS),
    grams: perGram === null ? null : seeds / perGram,
    trays: Math.ceil(cells / TRAY_CELLS),
    chillFrom: s.chillWeeks > 0 ? addDays(sow, -s.chillWeeks * WEEK) : '',
    sow,
    upFrom: addDays(sow, s.days.from),
    upTo,
    prickOut: isIndoors ? addDays(upTo, PRICKED_AFTER) : '',
    hardenOff: isIndoors ? addDays(plantOut, -HARDENED_DAYS) : '',
    plantOut,
    rests:
      s.percent > 0
        ? `${plants} plants / (${s.percent} % come up × ${SURVIVAL * 100} % live)`
        : `${UNKNOWN_SEEDS} seeds a plant: its germination is not known`,
  }
}

/** The first last frost from which so many days back is not yet over. */
function frostWithTime({ lastFrost }: Frosts, today: Day, leadDays: number): Day {
  const frost = nextDay(lastFrost, today)
  return daysBetween(today, addDays(frost, -leadDays)) >= 0 ? frost : nextDay(lastFrost, addDays(frost, 1))
}

/** Above this many °C by night, about three weeks after the last frost. */
const WARM_C = 8
/** Tender plants wait for warm nights, hardy ones till they are strong enough. */
function plantOutDay(plant: Plant, frost: Day, strong: Day): Day {
  const isTender = plant.lifeCycle === 'tender' || plant.lifeCycle === 'annual'
  const nights = plant.tender?.outAboveC ?? null
  const wait = nights !== null && nights > WARM_C ? 3 * WEEK : WEEK
  const safe = isTender ? addDays(frost, wait) : frost
  return strong > safe ? strong : safe
}

/** Soft cuttings in early summer, woody ones at the end of summer; planted out the spring after. */
function cuttingPlan(plant: Plant, plants: number, frosts: Frosts, today: Day): RaisingPlan {
  const isWoody = plant.lifeCycle === 'woody'
  const after = isWoody ? 14 * WEEK : 4 * WEEK
  const frost = frostWithTime(frosts, today, -after)
  const sow = addDays(frost, after)
  const rooted = addDays(sow, ROOTED_WEEKS[isWoody ? 'woody' : 'soft'] * WEEK)
  const pieces = Math.ceil(plants / STRIKE - 1e-9)
  const plantOut = nextDay(frosts.lastFrost, rooted)
  return {
    ...{ plantId: plant.id, way: 'cutting', plants, pieces, cells: pieces, packets: 0, grams: null },
    ...{ trays: Math.ceil(pieces / TRAY_CELLS), where: 'indoors', light: 'any', ...NO_DAYS },
    sow,
    upFrom: addDays(rooted, -2 * WEEK),
    upTo: rooted,
    prickOut: rooted,
    hardenOff: addDays(plantOut, -HARDENED_DAYS),
    plantOut,
    rests: `${plants} plants / ${STRIKE * 100} % that root`,
  }
}

/** What flowers before midsummer is divided when the summer is over, the rest as it comes up; both go straight into the ground. */
function divisionPlan(plant: Plant, plants: number, frosts: Frosts, today: Day): RaisingPlan {
  const first = plant.flowerMonths[0] ?? 7
  const day =
    first >= 6
      ? addDays(nextDay(frosts.lastFrost, today), -3 * WEEK)
      : addDays(nextDay(frosts.firstFrost, today), -6 * WEEK)
  const sow = day >= today ? day : addDays(day, 365)
  return {
    ...{
      plantId: plant.id,
      way: 'division',
      plants,
      pieces: Math.ceil(plants / DIVIDED_INTO),
      cells: 0,
      packets: 0,
    },
    ...{ grams: null, trays: 0, where: 'outdoors', light: 'any', ...NO_DAYS },
    sow,
    plantOut: sow,
    rests: `${DIVIDED_INTO} plants of one parent`,
  }
}

/** Days that are left until a tray sown today could still be planted out this season: negative when it is too late. */
export function daysLeftToSow(plan: RaisingPlan, frosts: Frosts, today: Day): number {
  if (!plan.plantOut) return daysBetween(today, addDays(nextDay(frosts.firstFrost, today), -10 * WEEK))
  const takes = daysBetween(plan.sow, plan.plantOut)
  return daysBetween(today, addDays(nextDay(frosts.firstFrost, today), -6 * WEEK - takes))
}
