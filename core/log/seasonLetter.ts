import { type LogEntry, WISHES } from '../model'
import { capital, dayTold } from '../measure'
import type { Plant } from '../plant'
import { yearOfDay } from '../time'
import { CAUSE_WORDS, KIND_WORDS, WISH_WORDS } from './words'

/** What a season brought, for one page. */
interface SeasonLetter {
  readonly year: number
  readonly days: number
  readonly entries: number
  readonly minutes: number
  readonly litres: number
  readonly spent: number
  /** Sentences, a line each, in the order of the page. */
  readonly done: readonly string[]
  readonly lost: readonly string[]
  readonly learned: readonly string[]
  readonly next: readonly string[]
  /** Four photos at most, spread over the year. */
  readonly photos: readonly LogEntry[]
}

const MOST_PHOTOS = 4
const MOST_LINES = 7

interface LetterAsk {
  readonly year: number
  readonly entries: readonly LogEntry[]
  readonly library: ReadonlyMap<string, Plant>
  readonly bedName: (id: string) => string
  /** Tasks of care that were ticked as done in the year. */
  readonly tasksDone: number
}

/** The season's letter of a year: what was done, spent, lost, learned and is wished for. Source: docs/grounds/keeping, Log. */
export function seasonLetter({ year, entries, library, bedName, tasksDone }: LetterAsk): SeasonLetter {
  const own = entries.filter((e) => !e.gone && yearOfDay(e.day) === year)
  const named = (e: LogEntry) => library.get(e.plantId)?.commonName ?? e.plantId
  const sum = (...kinds: LogEntry['kind'][]) =>
    own.filter((e) => kinds.includes(e.kind)).reduce((n, e) => n + (e.amount ?? 0), 0)
  const many = (kind: LogEntry['kind']) =>
    own.filter((e) => e.kind === kind).reduce((n, e) => n + (e.amount ?? 1), 0)
  const counted = (kind: LogEntry['kind'], one: string, more: string) => {
    const n = many(kind)
    if (n === 0) return []
    return [n === 1 ? `One plant ${one}.` : `${n} plants ${more}.`]
  }
  const sown = many('self-sown')
  return {
    ...{ year, entries: own.length, days: new Set(own.map((e) => e.day)).size },
    ...{ minutes: sum('cut', 'fed'), litres: sum('watered'), spent: sum('bought') },
    done: [
      ...(tasksDone > 0 ? [`${tasksDone} tasks of care were done.`] : []),
      ...counted('planted', 'was planted', 'were planted'),
      ...counted('moved', 'was moved', 'were moved'),
      ...counted('divided', 'came of division', 'came of divisions'),
      ...(sown > 0 ? [`${sown} came up by themselves.`] : []),
    ],
    lost: own
      .filter((e) => e.kind === 'died')
      .map(
        (e) =>
          `${e.amount ?? 1} ${named(e)}, ${bedName(e.bedId)}${e.cause ? ` (${CAUSE_WORDS[e.cause]})` : ''}${noteOf(e)}`,
      )
      .slice(0, MOST_LINES),
    learned: own
      .filter((e) => LESSONS.has(e.kind))
      .map((e) => `${capital(named(e))}: ${KIND_WORDS[e.kind]}${noteOf(e)}`)
      .slice(0, MOST_LINES),
    next: WISHES.flatMap((wish) => {
      const list = own.filter((e) => e.wish === wish && e.done === '')
      return list.length > 0 ? [`${capital(WISH_WORDS[wish])}: ${[...new Set(list.map(named))].join(', ')}`] : []
    }),
    photos: spread(own.filter((e) => e.photoId !== '')),
  }
}

const LESSONS = new Set<LogEntry['kind']>(['learned', 'wrong colour', 'wrong plant', 'flopped', 'eaten', 'sulked'])
const noteOf = ({ note }: LogEntry) => (note ? `: ${note}` : '')

/** As many as fit, evenly over the year. */
function spread(photos: readonly LogEntry[]): LogEntry[] {
  const list = [...photos].sort((a, b) => (a.day < b.day ? -1 : 1))
  if (list.length <= MOST_PHOTOS) return list
  return Array.from(
    { length: MOST_PHOTOS },
    (_, i) => list[Math.round((i * (list.length - 1)) / (MOST_PHOTOS - 1))]!,
  )
}

/** The day of an entry with its weather, in words. */
export function dayWithWeather({ day, weather }: LogEntry): string {
  if (!weather) return dayTold(day)
  const rain = weather.rainMm >= 0.5 ? `, ${Math.round(weather.rainMm)}\u202fmm of rain` : ''
  return `${dayTold(day)} · ${Math.round(weather.lowC)}\u202f°C to ${Math.round(weather.highC)}\u202f°C${rain}`
}
