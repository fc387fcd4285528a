import type { LogEntry, Wish } from '../model'
import { divides, movingMonths, type Plant } from '../plant'
import {
  addDays,
  dayIn,
  placeMonth,
  yearOfDay,
  type Climate,
  type Day,
  type LibraryMonth,
  type PlaceMonth,
} from '../time'

/** What is to be changed next season: what was wished, its window, and whether that has gone by once already. */
export interface NextItem {
  readonly entry: LogEntry
  readonly wish: Wish
  readonly plant: Plant | null
  readonly opens: Day
  readonly closes: Day
  /** How often its window went by since it was wished: it is asked for again each time. */
  readonly missed: number
  /** Why that window. */
  readonly why: string
}

/** Wishes about buying and the plan are thought over in the quiet of winter, and can be done in the plan at any time. */
const PLANNING: readonly LibraryMonth[] = [11, 12, 1, 2]
/** A window is open for three weeks to each side of the middle of its month. */
const HALF_DAYS = 21
const MIDDLE = 15

/**
 * The list for next season: open wishes with the next window in which each can be done, counted from a day on. What was wished while its
 * window was open or before is asked for in it; when it went by undone, in the next one. Source: docs/grounds/keeping, Care (“Too
 * late now”).
 */
export function nextSeason(
  entries: readonly LogEntry[],
  library: ReadonlyMap<string, Plant>,
  climate: Climate,
  today: Day,
): NextItem[] {
  return entries
    .filter((e) => !e.gone && e.wish !== '' && e.done === '')
    .map((entry) => {
      const plant = library.get(entry.plantId) ?? null
      const { months, why } = windowsOf(entry.wish as Wish, plant, climate)
      const all = windowsFrom(months, entry.day, today)
      const next = all.find((w) => w.closes >= today)!
      const missed = all.filter((w) => w.closes < today).length
      return { entry, wish: entry.wish as Wish, plant, opens: next.opens, closes: next.closes, missed, why }
    })
    .sort((a, b) => (a.opens < b.opens ? -1 : 1))
}

function windowsOf(wish: Wish, plant: Plant | null, climate: Climate) {
  if ((wish === 'move' || wish === 'split' || wish === 'thin') && plant) {
    const months = movingMonths(plant).map((m) => placeMonth(m, climate))
    return {
      months,
      why: wish === 'split' && !divides(plant) ? 'it grows from one stem: take cuttings instead' : WHY[wish],
    }
  }
  return { months: PLANNING.map((m) => placeMonth(m, climate)), why: WHY[wish] }
}
const WHY: Readonly<Record<Wish, string>> = {
  move: 'while it rests or before its leaves grow large',
  split: 'when its roots grow anew',
  thin: 'while what is taken out can still be planted elsewhere',
  more: 'before next season’s orders',
  less: 'before next season’s orders',
  never: 'before next season’s orders',
  try: 'before next season’s orders',
}

interface Window {
  readonly opens: Day
  readonly closes: Day
}
const windowsKept = new Map<string, readonly Window[]>()
const MOST_KEPT = 400

/** Windows about the middles of months, from the year of a day to the one after another day; neighbouring months are one window. */
function windowsFrom(months: readonly PlaceMonth[], from: Day, to: Day): readonly Window[] {
  const key = `${months.join()}|${yearOfDay(from)}|${yearOfDay(to)}`
  let kept = windowsKept.get(key)
  if (!kept) {
    if (windowsKept.size > MOST_KEPT) windowsKept.clear()
    windowsKept.set(key, (kept = windowsOfYears(months, yearOfDay(from), yearOfDay(to) + 2)))
  }
  return kept.filter((w) => w.closes >= from)
}

function windowsOfYears(months: readonly PlaceMonth[], from: number, to: number): Window[] {
  const windows: { opens: Day; closes: Day }[] = []
  for (let year = from; year <= to; year++)
    for (const m of [...months].sort((a, b) => a - b)) {
      const middle = dayIn(year, `${String(m).padStart(2, '0')}-${MIDDLE}`)
      const [opens, closes] = [addDays(middle, -HALF_DAYS), addDays(middle, HALF_DAYS)]
      const last = windows.at(-1)
      if (last && opens <= addDays(last.closes, 1)) last.closes = closes
      else windows.push({ opens, closes })
    }
  return windows
}
