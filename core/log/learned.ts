import type { LogEntry } from '../model'
import { fullHeightM, plantCells, sizeAt, type Plant } from '../plant'
import {
  libraryMonth,
  monthOfDay,
  monthSpan,
  placeMonths,
  yearOfDay,
  type Climate,
  type LibraryMonth,
} from '../time'

export type LearnedWhat = 'height' | 'flower months' | 'flower colour' | 'survival'

/** A figure that a garden's own log gives for a plant, offered beside the library's, with the entries it rests on. */
export interface Learned {
  readonly plant: Plant
  readonly what: LearnedWhat
  readonly here: string
  readonly library: string
  /** Ids of the entries. */
  readonly entries: readonly string[]
  /** Cells of the plant that are set when it is accepted; empty for what is not a figure of the plant. */
  readonly cells: Readonly<Record<string, string>>
  /** Share that is lost here, for the spares of its next order; null where it is not about that. */
  readonly lossShare: number | null
}

interface LearnAsk {
  readonly entries: readonly LogEntry[]
  readonly library: ReadonlyMap<string, Plant>
  readonly climate: Climate
  /** The calendar year in which the garden was planted. */
  readonly planted: number
  /** Metres as the garden writes them. */
  readonly length: (m: number) => string
}

/** A height is told when it differs by so much from what was reckoned. */
const TOLD_FROM = 0.1
const FEWEST_PLANTED = 4
const STEP_M = 0.05

/**
 * What the log says of plants against the library: heights reached against those reckoned for that age and month (the median of all
 * measurements), months between first and last flower, the colour that came, and how many of those planted died. Nothing is
 * changed by it; it is offered. Source: docs/grounds/keeping, Log.
 */
export function learnedFigures(ask: LearnAsk): Learned[] {
  const byPlant = new Map<string, LogEntry[]>()
  for (const e of ask.entries)
    if (!e.gone && e.plantId) byPlant.set(e.plantId, [...(byPlant.get(e.plantId) ?? []), e])
  return [...byPlant].flatMap(([id, entries]) => {
    const plant = ask.library.get(id)
    if (!plant) return []
    return [
      heightOf(plant, entries, ask),
      flowersOf(plant, entries, ask),
      colourOf(plant, entries),
      survivalOf(plant, entries),
    ].filter((l) => l !== null)
  })
}

const median = (list: readonly number[]) => [...list].sort((a, b) => a - b)[Math.floor((list.length - 1) / 2)]!

/** Height reckoned for a plant on a day, metres. */
export function reckonedHeight(plant: Plant, day: string, planted: number, climate: Climate): number {
  const { foliageM, flowerM } = sizeAt(plant, Math.max(0, yearOfDay(day) - planted), monthOfDay(day), climate)
  return Math.max(foliageM, flowerM)
}

function heightOf(plant: Plant, all: readonly LogEntry[], { climate, planted, length }: LearnAsk): Learned | null {
  const entries = all.filter((e) => e.kind === 'tallest' && (e.amount ?? 0) > 0)
  if (entries.length === 0) return null
  const ratio = median(entries.map((e) => e.amount! / reckonedHeight(plant, e.day, planted, climate)))
  if (Math.abs(ratio - 1) < TOLD_FROM) return null
  const cell = (m: number) => String(Math.max(STEP_M, Math.round((m * ratio) / STEP_M) * STEP_M).toFixed(2))
  return {
    ...{ plant, what: 'height', entries: entries.map((e) => e.id), lossShare: null },
    here: `${length(fullHeightM(plant) * ratio)} grown`,
    library: length(fullHeightM(plant)),
    cells: { foliage_height_m: cell(plant.foliageHeightM), flower_height_m: cell(plant.flowerHeightM) },
  }
}

const MONTHS = 12

function flowersOf(plant: Plant, all: readonly LogEntry[], { climate }: LearnAsk): Learned | null {
  const firsts = all.filter((e) => e.kind === 'first flower')
  const lasts = all.filter((e) => e.kind === 'last flower')
  const spans = firsts.flatMap((first) => {
    const last = lasts.find((l) => l.day >= first.day && yearOfDay(l.day) - yearOfDay(first.day) <= 1)
    return last ? [{ first, last }] : []
  })
  if (spans.length === 0) return null
  const times = new Map<LibraryMonth, number>()
  for (const { first, last } of spans) {
    const from = monthOfDay(first.day)
    const many = ((monthOfDay(last.day) - from + MONTHS) % MONTHS) + 1
    for (let i = 0; i < many; i++) {
      const m = libraryMonth(((from - 1 + i) % MONTHS) + 1, climate)
      times.set(m, (times.get(m) ?? 0) + 1)
    }
  }
  const months = [...times].flatMap(([m, n]) => (n * 2 >= spans.length ? [m] : []))
  const sorted = months.sort((a, b) => a - b)
  if (sorted.join() === [...plant.flowerMonths].sort((a, b) => a - b).join()) return null
  const said = (list: readonly LibraryMonth[]) => monthSpan(placeMonths(list, climate))
  return {
    ...{ plant, what: 'flower months', here: said(sorted), library: said(plant.flowerMonths), lossShare: null },
    entries: spans.flatMap(({ first, last }) => [first.id, last.id]),
    cells: { flower_months: plantCells({ ...plant, flowerMonths: sorted }).flower_months! },
  }
}

function colourOf(plant: Plant, all: readonly LogEntry[]): Learned | null {
  const entries = all.filter((e) => e.kind === 'wrong colour' && e.colour !== '')
  const here = [...entries].sort((a, b) => (a.day < b.day ? 1 : -1))[0]?.colour
  if (!here || here.toLowerCase() === plant.flowerColour?.toLowerCase()) return null
  return {
    ...{ plant, what: 'flower colour', here, library: plant.flowerColour ?? 'none', lossShare: null },
    entries: entries.map((e) => e.id),
    cells: { flower_colour: here },
  }
}

function survivalOf(plant: Plant, all: readonly LogEntry[]): Learned | null {
  const sum = (kind: LogEntry['kind']) => {
    const list = all.filter((e) => e.kind === kind)
    return { list, many: list.reduce((n, e) => n + (e.amount ?? 1), 0) }
  }
  const [planted, died] = [sum('planted'), sum('died')]
  if (planted.many < FEWEST_PLANTED || died.many === 0) return null
  const share = Math.min(1, died.many / planted.many)
  return {
    ...{ plant, what: 'survival', cells: {}, entries: [...planted.list, ...died.list].map((e) => e.id) },
    here: `${died.many} of ${planted.many} lost`,
    library: 'as usual',
    lossShare: Math.ceil(share * 20 - 1e-9) / 20,
  }
}

/** The cells of a plant with those of what was learned over them, and what they were. */
export const cellsBefore = (plant: Plant, cells: Learned['cells']): Record<string, string> => {
  const own = plantCells(plant)
  return Object.fromEntries(Object.keys(cells).map((k) => [k, own[k] ?? '']))
}
