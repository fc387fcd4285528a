import type { LogEntry } from '../model'
import { rowsCsv } from '../count'
import type { Plant } from '../plant'
import { AMOUNT_OF } from './entry'

const HEADINGS = [
  ...['day', 'kind', 'bed', 'plant', 'botanical name', 'place', 'amount', 'unit', 'cause', 'became', 'colour'],
  ...['next season', 'done', 'trial', 'note', 'photo', 'low °C', 'high °C', 'rain mm'],
]

interface LogNames {
  readonly library: ReadonlyMap<string, Plant>
  readonly bedName: (id: string) => string
  readonly fileOf: (photoId: string) => string
}

/** The log as a table, a row an entry that holds, the oldest first; UTF-8 with a byte order mark. Photos are named by their file. */
export function logCsv(entries: readonly LogEntry[], names: LogNames): string {
  const rows = entries
    .filter((e) => !e.gone)
    .sort((a, b) => (a.day < b.day ? -1 : 1))
    .map((e) => [...what(e, names), ...said(e, names), ...weatherOf(e)])
  return rowsCsv({ headings: HEADINGS, rows })
}

type Cell = string | number
const nameIn = (library: LogNames['library'], id: string) => library.get(id)?.commonName ?? id

const what = (e: LogEntry, { library, bedName }: LogNames): Cell[] => [
  ...[e.day, e.kind, bedName(e.bedId), nameIn(library, e.plantId), library.get(e.plantId)?.botanicalName ?? ''],
  ...[e.place, e.amount ?? '', AMOUNT_OF[e.kind] ?? ''],
]
const said = (e: LogEntry, { library, fileOf }: LogNames): Cell[] => [
  ...[e.cause, nameIn(library, e.toPlantId), e.colour, e.wish, e.done, e.trial ? 'yes' : '', e.note],
  e.photoId ? fileOf(e.photoId) : '',
]
const weatherOf = ({ weather }: LogEntry): Cell[] =>
  weather ? [weather.lowC, weather.highC, weather.rainMm] : ['', '', '']
