import { capital } from '../measure'
import type { Plant } from '../plant'
import { dayIn, placePoint, type Climate, type Day } from '../time'
import type { CareContext, CareKind, CareRule, LibraryWindow } from './careRule'
import { CARE_WORDS } from './careWords'
import { pruning } from './rules/pruning'
import { tidying } from './rules/tidying'
import { winter } from './rules/winter'

/** All rules for plants. */
export const CARE_RULES: readonly CareRule[] = [...pruning, ...tidying, ...winter]

/** A kind in a bed as care goes by it. */
export interface CaredPlant {
  readonly plant: Plant
  readonly count: number
  /** Ids of the plants, so that their places can be lit. */
  readonly places: readonly string[]
  /** Year it was set, counted from the bed's first. */
  readonly plantedYear: number
  /** It stands for a part of the year only, and is handed over then. */
  readonly isTurn: boolean
}
/** Places that change hands within a year: what goes and what comes, on a point of the place's year. */
export interface HandOver {
  readonly point: number
  readonly goes: string
  readonly comes: string
  readonly count: number
  readonly places: readonly string[]
}
export interface CaredBed {
  readonly id: string
  readonly name: string
  readonly plants: readonly CaredPlant[]
  readonly handOvers: readonly HandOver[]
  readonly inPots: boolean
  readonly rabbits: boolean
  readonly deer: boolean
  readonly areaM2: number
  /** Ground that no canopy covers, 0-1. */
  readonly open: number
  readonly frontM: number
}

/** Something to do in a garden: what, where, when, why, how long. Windows, not days. */
export interface CareTask {
  /** The same for the same work of the same year. */
  readonly id: string
  readonly rule: string
  readonly kind: CareKind
  readonly bedId: string
  readonly bedName: string
  readonly plant: Plant | null
  readonly count: number
  readonly places: readonly string[]
  readonly title: string
  readonly why: string
  readonly opens: Day
  readonly best: Day
  readonly closes: Day
  readonly minutes: number
  readonly tools: readonly string[]
  readonly cautions: readonly string[]
  readonly source: string
}

interface CareAsk {
  readonly beds: readonly CaredBed[]
  readonly climate: Climate
  readonly zone: number
  /** The year on the calendar, and which year of the planting it is (0: planting). */
  readonly year: number
  readonly age: number
}

const MULCH_MIN_PER_M2 = 4
const WEED_MIN_PER_M2 = 4
const EDGE_MIN_PER_M = 1.2

/** The work of a calendar year, by the day on which it is best done. A window over the new year belongs to the year in which it opens. */
export function careYear({ beds, climate, zone, year, age }: CareAsk): CareTask[] {
  const tasks = beds.flatMap((bed) => [
    ...bed.plants.flatMap((p) => tasksOfPlant(p, bed, { climate, zone, year, age })),
    ...handedOver(bed, year),
    ...tasksOfGround(bed, climate, year),
  ])
  const key = (t: CareTask) => `${t.best}|${t.id}`
  return tasks.sort((a, b) => (key(a) < key(b) ? -1 : 1))
}

type When = Pick<CareAsk, 'climate' | 'zone' | 'year' | 'age'>

function tasksOfPlant(cared: CaredPlant, bed: CaredBed, { climate, zone, year, age }: When): CareTask[] {
  const { plant, count, places } = cared
  const own = age - cared.plantedYear
  if (own < 0) return []
  const at: CareContext = { climate, zone, age: own, inPots: bed.inPots, rabbits: bed.rabbits, deer: bed.deer }
  const rules = CARE_RULES.filter((r) => (!cared.isTurn || !KEPT_FOR_LASTING.has(r.kind)) && r.applies(plant, at))
  // In its first year a plant comes with the spring: what closes before that is not asked of it.
  const isThere = (w: LibraryWindow) => own > 0 || w.closes > Math.max(3.5, climate.lastFrost) + 0.2
  const group = `${cared.plantedYear > 0 ? `:from ${cared.plantedYear}` : ''}${cared.isTurn ? ':turn' : ''}`
  return rules.flatMap((rule) =>
    rule
      .windows(plant, at)
      .map((window, i) => ({ window, i }))
      .filter(({ window }) => isThere(window))
      .map(({ window, i }): CareTask => ({
        ...daysOf(window, climate, year),
        id: `${year}:${bed.id}:${plant.id}:${rule.id}:${i}${group}`,
        rule: rule.id,
        kind: rule.kind,
        bedId: bed.id,
        bedName: bed.name,
        plant,
        count,
        places,
        title: `${capital(CARE_WORDS[rule.kind])}: ${plant.commonName}`,
        why: rule.why(plant, at),
        minutes: Math.max(1, Math.round(rule.minutes(plant) * count)),
        tools: rule.tools,
        cautions: cautionsOf(rule.kind, plant),
        source: rule.source,
      })),
  )
}

/** What is only there for a part of the year is neither pruned, divided nor covered. */
const KEPT_FOR_LASTING = new Set<CareKind>([
  'prune',
  'clip',
  'cut down',
  'divide',
  'cover',
  'uncover',
  'repot',
  'set out',
  'hand over',
])

/** Days of a window in a calendar year; what closes before it opens closes in the next. */
function daysOf({ opens, best, closes }: LibraryWindow, climate: Climate, year: number) {
  const first = placePoint(opens, climate)
  const opened = first.year + year
  const dayAt = (point: number) => dayOfPoint(first.point + (point - opens), opened)
  return { opens: dayAt(opens), best: dayAt(best), closes: dayAt(closes) }
}

/** The day of a point of the year, 1 up to 13 and beyond. */
export function dayOfPoint(point: number, year: number): Day {
  const months = Math.floor(point) - 1
  const inYear = ((months % 12) + 12) % 12
  const longest = new Date(Date.UTC(year + Math.floor(months / 12), inYear + 1, 0)).getUTCDate()
  const day = Math.min(longest, 1 + Math.floor((point - Math.floor(point)) * longest))
  return dayIn(year + Math.floor(months / 12), `${two(inYear + 1)}-${two(day)}`)
}
const two = (n: number) => String(n).padStart(2, '0')

function handedOver(bed: CaredBed, year: number): CareTask[] {
  return bed.handOvers.map((h, i) => ({
    id: `${year}:${bed.id}:hand-over:${i}:${h.comes || h.goes}`,
    rule: 'hand-over',
    kind: 'hand over',
    bedId: bed.id,
    bedName: bed.name,
    plant: null,
    count: h.count,
    places: h.places,
    title: sayHandOver(h),
    why: 'The plan hands these places over now.',
    opens: dayOfPoint(h.point - 0.25, year),
    best: dayOfPoint(h.point, year),
    closes: dayOfPoint(h.point + 0.4, year),
    minutes: h.count * (h.comes ? 5 : 2),
    tools: ['trowel', 'watering can', 'barrow'],
    cautions: [],
    source: 'Stays of the plan. Keeping, A planting has a calendar of its own.',
  }))
}

function sayHandOver({ goes, comes, count }: HandOver): string {
  if (!comes) return `Clear ${count} ${goes}`
  return goes ? `${count} ${goes} out, ${comes} in` : `Set ${count} ${comes}`
}

interface GroundWork {
  readonly id: string
  readonly kind: CareKind
  readonly window: LibraryWindow
  readonly minutes: number
  readonly why: string
  readonly tools: readonly string[]
}

/** Mulch in spring, weeds while they grow, the edge with them. */
function tasksOfGround(bed: CaredBed, climate: Climate, year: number): CareTask[] {
  if (bed.inPots || bed.areaM2 <= 0) return []
  const last = Math.max(3.5, climate.lastFrost)
  const growing = Math.max(1, Math.round(Math.min(climate.firstFrost, 12) - last))
  const weeding = Array.from({ length: growing }, (_, i): GroundWork => ({
    id: `weed:${i}`,
    kind: 'weed',
    window: { opens: last + i - 0.2, best: last + i, closes: last + i + 0.7 },
    minutes: bed.areaM2 * Math.max(0.1, bed.open) * WEED_MIN_PER_M2,
    why: `${Math.round(bed.open * 100)} % of the bed is open ground: weeds out before they seed.`,
    tools: ['hoe', 'bucket'],
  }))
  const edging = weeding.map(({ window }, i): GroundWork => ({
    id: `edge:${i}`,
    kind: 'edge',
    window,
    minutes: bed.frontM * EDGE_MIN_PER_M,
    why: 'A clean edge is half of a kept bed.',
    tools: ['edging shears'],
  }))
  const mulch: GroundWork = {
    id: 'mulch',
    kind: 'mulch',
    window: { opens: last - 1, best: last - 0.4, closes: last + 0.4 },
    minutes: bed.areaM2 * MULCH_MIN_PER_M2,
    why: 'Topped up on moist, warm ground before the leaves close: less weeding and watering all summer; kept off the stems.',
    tools: ['barrow', 'fork', 'mulch'],
  }
  return [mulch, ...weeding, ...edging].map(({ id, kind, window, minutes, why, tools }) => ({
    ...daysOf(window, climate, year),
    id: `${year}:${bed.id}:${id}`,
    rule: id.split(':')[0]!,
    kind,
    bedId: bed.id,
    bedName: bed.name,
    plant: null,
    count: 0,
    places: [],
    title: `${capital(CARE_WORDS[kind])} the bed`,
    why,
    minutes: Math.max(1, Math.round(minutes)),
    tools,
    cautions: [],
    source: 'Keeping, Care: mulching, edging and weeding by metres and bare soil',
  }))
}

const CUTS = new Set<CareKind>(['prune', 'clip', 'cut down', 'deadhead', 'cut by half', 'divide', 'lift'])
const LADDER_FROM_M = 2.2
const HEAVY_FROM_M = 1.2

/** What to mind with a plant at a kind of work. */
function cautionsOf(kind: CareKind, p: Plant): string[] {
  if (!CUTS.has(kind)) return []
  const tall = Math.max(p.foliageHeightM, p.flowerHeightM)
  return [
    ...(p.spines !== 'none' ? [`${capital(p.spines)}: gloves and goggles.`] : []),
    ...(p.skin === 'sap' ? ['Its sap irritates: gloves.'] : []),
    ...(p.skin === 'phototoxic' ? ['Its sap burns the skin in sunlight: cover arms, work on a dull day.'] : []),
    ...(kind !== 'lift' && p.lifeCycle === 'woody' && tall > LADDER_FROM_M
      ? ['Above reach: a firm ladder and a second person; large trees are for licensed people.']
      : []),
    ...(kind === 'divide' && p.spreadM > HEAVY_FROM_M ? ['Heavy: two people, over 25\u202fkg with a barrow.'] : []),
  ]
}
