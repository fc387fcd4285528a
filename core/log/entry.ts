import type { LogKind, LogEntry } from '../model'

/** What an amount of a kind is counted in; kinds that are not here have none. */
export const AMOUNT_OF: Readonly<Partial<Record<LogKind, 'm' | 'plants' | 'minutes' | 'litres' | 'money'>>> = {
  planted: 'plants',
  tallest: 'm',
  died: 'plants',
  moved: 'plants',
  divided: 'plants',
  'self-sown': 'plants',
  cut: 'minutes',
  fed: 'minutes',
  watered: 'litres',
  bought: 'money',
}

/** An entry of which only the day, the kind and what is said differ from nothing. */
export const blankEntry = (said: Pick<LogEntry, 'id' | 'day' | 'kind' | 'changed' | 'device'>): LogEntry => ({
  bedId: '',
  driftId: '',
  place: '',
  plantId: '',
  amount: null,
  cause: '',
  toPlantId: '',
  colour: '',
  wish: '',
  trial: false,
  done: '',
  note: '',
  photoId: '',
  fromView: false,
  drawn: false,
  figures: {},
  weather: null,
  gone: false,
  ...said,
})

/** An entry of which only what is said is there, as it is kept and sent. */
export type SlimEntry = Pick<LogEntry, 'id' | 'day' | 'kind' | 'changed' | 'device'> & Partial<LogEntry>

const isSaid = (value: unknown) =>
  value !== '' &&
  value !== null &&
  value !== false &&
  !(typeof value === 'object' && Object.keys(value).length === 0)

/** An entry without what is not said in it. */
export const slimEntry = (entry: LogEntry): SlimEntry =>
  Object.fromEntries(Object.entries(entry).filter(([, value]) => isSaid(value))) as unknown as SlimEntry

/** A slim entry with all that is not said. */
export const fullEntry = (slim: SlimEntry): LogEntry => ({ ...blankEntry(slim), ...slim })

const isLater = (a: LogEntry, b: LogEntry) =>
  a.changed > b.changed || (a.changed === b.changed && a.device > b.device)

/** Entries of several devices joined: of one entry the later word holds, whichever came first. The newest day comes first. */
export function joinEntries(...lists: readonly (readonly LogEntry[])[]): LogEntry[] {
  const joined = new Map<string, LogEntry>()
  for (const entry of lists.flat()) {
    const there = joined.get(entry.id)
    if (!there || isLater(entry, there)) joined.set(entry.id, entry)
  }
  return [...joined.values()].sort((a, b) => (a.day === b.day ? cmp(b.changed, a.changed) : cmp(b.day, a.day)))
}
const cmp = (a: string, b: string) => {
  if (a === b) return 0
  return a < b ? -1 : 1
}

/** Those that hold. */
export const standing = (entries: readonly LogEntry[]): LogEntry[] => entries.filter((e) => !e.gone)
