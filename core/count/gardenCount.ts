import type { Bed, Buying, Drift, Have, Supply, SupplyLine, Way } from '../model'
import { dividedOf, freedBy, kindOfNumber, numbersOf, placingsOf, turnsOf, variantOf } from '../bed'
import type { Plant, SoldSize } from '../plant'
import { gardenKeys } from './keyLetters'
import { NOTHING_ORDERED, orderedByKind, type Ordered } from './order'
import { phaseOf } from './phaseOf'
import { inPacks, sizeFigures, sparesFor } from './sizeClass'
import { plainLine } from './supply'

export interface CountedBed {
  readonly id: string
  readonly bed: Bed
}

/** How many of a kind stand in one lane of one bed, over all its segments, and how many groups they make there. */
export interface LaneCount {
  readonly bedId: string
  readonly lane: number
  readonly count: number
  readonly groups: number
  /** The earliest year in which a drift of it is planted, counted from the bed's first. */
  readonly year: number
}

/** How far a line has come: to be settled, or as its orders and ticks say. */
export type LineState =
  | 'to buy'
  | 'to raise'
  | 'in hand'
  | 'asked'
  | 'ordered'
  | 'confirmed'
  | 'short'
  | 'not found'
  | 'reserved'
  | 'received'
  | 'planted'

/** One line of a garden's schedule: a kind in a size. Pieces; money in the garden's currency as prices are written. */
export interface CountLine {
  readonly key: string
  readonly plant: Plant
  readonly size: SoldSize
  readonly price: number
  readonly way: Way
  readonly phase: number
  /** Drawn on the plan. */
  readonly need: number
  readonly spare: number
  readonly have: Have
  /** What is moved or divided elsewhere in the garden. */
  readonly freed: number
  /** What of all that is there this line takes. */
  readonly used: number
  readonly buy: number
  readonly pack: number
  readonly total: number
  readonly ordered: Ordered
  readonly planted: number
  /** Places that stay open by what came or will come. */
  readonly open: number
  readonly state: LineState
  readonly places: readonly LaneCount[]
  readonly settled: SupplyLine
}

/** Which part of a garden is counted; all of it where nothing is said. `segment` asks for one of a bed's equal parts. */
export interface CountScope {
  readonly bedId?: string | undefined
  readonly lane?: number | undefined
  readonly phase?: number | undefined
  readonly segment?: boolean | undefined
}

export interface GardenCount {
  readonly lines: readonly CountLine[]
  readonly plants: number
  readonly buy: number
  readonly total: number
  /** Kinds that the library lacks, by id. */
  readonly missing: readonly string[]
}

export interface CountInput {
  readonly beds: readonly CountedBed[]
  readonly library: ReadonlyMap<string, Plant>
  readonly supply: Supply
  readonly issued?: ReadonlyMap<string, string>
  /** How many of a kind are ticked as planted, by plant id. */
  readonly planted?: ReadonlyMap<string, number>
  /** Phases of the brief; 1 when it has none. */
  readonly phases?: number
}

interface Group {
  readonly plant: Plant
  readonly size: SoldSize
  readonly places: LaneCount[]
}

/**
 * The schedule of a garden or a part of it: a line a kind and size, in the order of the letters. What is there already, spares and packs
 * are reckoned for the whole garden and shared out over it bed by bed and lane by lane, so that parts add up to the whole; packs are
 * rounded up for the whole only. Source: docs/grounds/papers, Count.
 */
export function gardenCount(input: CountInput, scope: CountScope = {}): GardenCount {
  const { beds, library, supply } = input
  const { groups, missing } = groupsOf(beds, library)
  const keys = gardenKeys(
    beds.map((b) => b.bed),
    library,
    input.issued,
  )
  const orders = orderedByKind(supply.orders)
  const isWhole = scope.bedId === undefined && scope.lane === undefined && !scope.segment
  const first = new Set<string>()
  const lines = groups.flatMap((group): CountLine[] => {
    const isFirst = !first.has(group.plant.id)
    first.add(group.plant.id)
    const line = wholeLine(
      input,
      group,
      keys.get(group.plant.id)!,
      isFirst ? orders.get(group.plant.id) : undefined,
      isFirst,
    )
    if (scope.phase !== undefined && line.phase !== scope.phase) return []
    const part = isWhole ? line : partOf(line, beds, scope)
    return part ? [part] : []
  })
  lines.sort((a, b) => a.key.length - b.key.length || (a.key < b.key ? -1 : 1))
  return {
    lines,
    plants: sum(lines, (l) => l.need),
    buy: sum(lines, (l) => l.buy),
    total: cents(sum(lines, (l) => l.total)),
    missing: [...missing],
  }
}

const sum = <T>(list: readonly T[], of: (item: T) => number) => list.reduce((n, item) => n + of(item), 0)
const cents = (n: number) => Math.round(n * 100) / 100

/** Every kind and size of the beds with the lanes it stands in; bed by bed, lane by lane. */
function groupsOf(beds: readonly CountedBed[], library: ReadonlyMap<string, Plant>) {
  const groups = new Map<string, Group>()
  const missing = new Set<string>()
  for (const { id, bed } of beds) {
    const buying = new Map(bed.buying.map((b) => [b.plantId, b]))
    for (const [key, place] of laneCountsOf(id, bed)) {
      const plantId = key.slice(key.indexOf('|') + 1)
      const plant = library.get(plantId)
      if (!plant) missing.add(plantId)
      else put(groups, plant, sizeOf(plant, buying.get(plantId)), place)
    }
  }
  return { groups: [...groups.values()], missing }
}

const sizeOf = (plant: Plant, buying: Buying | undefined): SoldSize =>
  plant.sizes.find((s) => s.label === buying?.size) ?? plant.sizes[0] ?? { label: '2 L', price: 0 }

function put(groups: Map<string, Group>, plant: Plant, size: SoldSize, place: LaneCount) {
  const key = `${plant.id}|${size.label}`
  const group = groups.get(key)
  if (group) group.places.push(place)
  else groups.set(key, { plant, size, places: [place] })
}

/** Counts of a bed by lane and kind, the back lane first, with all repeated parts and what is varied in them. */
function laneCountsOf(bedId: string, bed: Bed): Map<string, LaneCount> {
  const counts = new Map<string, LaneCount>()
  const parts = placingsOf(bed.form).length
  for (const drift of [...bed.drifts].sort((a, b) => a.lane - b.lane)) {
    const kinds = kindsOfDrift(bed, drift, parts)
    for (const [kind, count] of kinds) {
      const key = `${drift.lane}|${kind}`
      const there = counts.get(key)
      const groups = (there?.groups ?? 0) + (drift.pattern === 'dotted' ? count : parts)
      const year = Math.min(there?.year ?? Infinity, drift.plantedYear ?? 0)
      counts.set(key, { bedId, lane: drift.lane, count: (there?.count ?? 0) + count, groups, year })
    }
  }
  return counts
}

/** Every kind that stands in a drift's places, its turns too, and how many over all parts. */
function kindsOfDrift(bed: Bed, drift: Drift, parts: number): Map<string, number> {
  const kinds = new Map<string, number>()
  const add = (kind: string, n: number) => kinds.set(kind, (kinds.get(kind) ?? 0) + n)
  for (const n of numbersOf(drift))
    for (let part = 0; part < parts; part++) add(variantOf(bed.form, part, kindOfNumber(drift, n)), 1)
  for (const { plantId } of turnsOf(drift)) add(plantId, drift.count * parts)
  return kinds
}

function wholeLine(
  input: CountInput,
  group: Group,
  key: string,
  orders: Ordered | undefined,
  isFirst: boolean,
): CountLine {
  const { plant, size, places } = group
  const settled = input.supply.lines.find((l) => l.plantId === plant.id) ?? plainLine(plant.id)
  const need = sum(places, (p) => p.count)
  const groups = sum(places, (p) => p.groups)
  const spare = spareOf(need, size, settled, input.supply)
  const there = isFirst ? thereOf(input, plant.id, settled) : NOTHING_THERE
  const used = Math.min(there.all, need + spare)
  const ordered = orders ?? NOTHING_ORDERED
  const line = {
    ...{ key, plant, size, places, settled, need, spare, used, ordered },
    ...{ have: there.have, freed: there.freed, planted: Math.min(need, there.planted) },
    ...saleOf(settled, size, need + spare - used),
    open: openPlaces(need, spare, used, ordered, settled),
    phase: settled.phase ?? plannedPhase(places) ?? phaseOf(plant, groups, input.phases ?? 1),
  }
  return { ...line, state: stateOf(line) }
}

/** The phase that the plan itself says, when all places of a kind are planted later than the bed. */
function plannedPhase(places: readonly LaneCount[]): number | null {
  const first = Math.min(...places.map((p) => p.year))
  return first > 0 && Number.isFinite(first) ? first + 1 : null
}

const spareOf = (need: number, size: SoldSize, { spareShare }: SupplyLine, supply: Supply) =>
  spareShare === null ? sparesFor(need, size, supply.spares) : Math.ceil(need * spareShare - 1e-9)

/** How a line is come by, and what is bought of it: nothing of what is raised. */
function saleOf(settled: SupplyLine, size: SoldSize, pieces: number) {
  const figures = sizeFigures(size.label)
  const way = settled.way ?? (figures.sizeClass === 'plug' ? 'plug' : 'pot')
  const pack = settled.pack ?? figures.pack
  const price = settled.price ?? size.price
  const buy = way === 'pot' || way === 'plug' ? inPacks(pieces, pack) : 0
  return { way, pack, price, buy, total: cents(buy * price) }
}

/** What there is of a kind in the whole garden; it is counted with its first line. */
function thereOf({ beds, planted }: CountInput, plantId: string, settled: SupplyLine) {
  const have = settled.have ?? { bench: countedByHand(beds, plantId), kept: 0, selfSown: 0 }
  const freed = freedIn(beds, plantId)
  return { have, freed, all: have.bench + have.kept + have.selfSown + freed, planted: planted?.get(plantId) ?? 0 }
}

const NOTHING_THERE = { have: { bench: 0, kept: 0, selfSown: 0 }, freed: 0, all: 0, planted: 0 }

/** What single beds were told to have, before the garden's line says it. */
const countedByHand = (beds: readonly CountedBed[], plantId: string) =>
  sum(beds, ({ bed }) => bed.buying.find((b) => b.plantId === plantId)?.have ?? 0)

const freedIn = (beds: readonly CountedBed[], plantId: string) =>
  sum(
    beds,
    ({ bed }) =>
      sum(bed.existing, (e) => (e.plantId === plantId ? freedBy(e) : 0)) +
      dividedOf(bed.drifts, plantId) * placingsOf(bed.form).length,
  )

/** What is short beyond the spares leaves places open; a kind that is not to be had leaves all that are not there. */
function openPlaces(need: number, spare: number, used: number, ordered: Ordered, { notFound }: SupplyLine): number {
  const there = used + ordered.received
  if (notFound) return Math.max(0, need - there)
  return Math.min(Math.max(0, need - there), Math.max(0, ordered.short - spare))
}

function stateOf(line: Omit<CountLine, 'state'>): LineState {
  const { settled, ordered, need, planted, used, open } = line
  if (planted >= need && need > 0) return 'planted'
  if (settled.notFound || open > 0) return lackState(settled)
  if (used >= need) return 'in hand'
  if (ordered.received + used >= need) return 'received'
  return line.way === 'pot' || line.way === 'plug' ? orderState(ordered) : 'to raise'
}

function lackState({ reserved, notFound }: SupplyLine): LineState {
  if (reserved) return 'reserved'
  return notFound ? 'not found' : 'short'
}

function orderState({ asked, ordered, confirmed }: Ordered): LineState {
  if (ordered > 0) return confirmed > 0 ? 'confirmed' : 'ordered'
  return asked > 0 ? 'asked' : 'to buy'
}

/** The share of a line that falls to a part: what is there goes to the first places, spares with the needs. */
function partOf(line: CountLine, beds: readonly CountedBed[], scope: CountScope): CountLine | null {
  let taken = 0
  let need = 0
  let used = 0
  const places = line.places.filter((place) => {
    const isIn = isInScope(place, scope)
    const mine = Math.max(0, Math.min(place.count, line.used - taken))
    taken += place.count
    if (isIn) {
      need += place.count
      used += mine
    }
    return isIn
  })
  if (need === 0) return null
  const parts = scope.segment
    ? placingsOf(beds.find((b) => b.id === scope.bedId)?.bed.form ?? { kind: 'foundation' }).length
    : 1
  const part = { need: Math.ceil(need / parts), used: Math.floor(used / parts) }
  const spare = Math.round((line.spare * part.need) / line.need)
  const buy = line.buy === 0 ? 0 : Math.max(0, part.need + spare - part.used)
  return { ...line, ...part, spare, buy, places, total: cents(buy * line.price) }
}

const isInScope = (place: LaneCount, { bedId, lane }: CountScope) =>
  (bedId === undefined || place.bedId === bedId) && (lane === undefined || place.lane === lane)
