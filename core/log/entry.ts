import type { Day } from '../time'

/** What happened. */
export const LOG_KINDS = [
  'planted',
  'came up',
  'first flower',
  'last flower',
  'tallest',
  'flopped',
  'eaten',
  'sulked',
  'died',
  'moved',
  'divided',
  'self-sown',
  'wrong colour',
  'wrong plant',
  'cut',
  'fed',
  'watered',
  'bought',
  'thought',
  'question',
  'learned',
] as const
export type LogKind = (typeof LOG_KINDS)[number]

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

/** Why a plant was lost, as far as it is known. */
export const CAUSES = [
  'wet',
  'dry',
  'shade',
  'sun',
  'wind',
  'frost',
  'eaten',
  'roots',
  'sick',
  'not known',
] as const
export type Cause = (typeof CAUSES)[number]

/** What is to change with a plant next season. */
export const WISHES = ['move', 'split', 'thin', 'more', 'less', 'never', 'try'] as const
export type Wish = (typeof WISHES)[number]

/** One line of the log: of a place, a plant, a drift, a bed or a day. What is not said is empty or null. */
export interface LogEntry {
  readonly id: string
  readonly day: Day
  readonly kind: LogKind
  readonly bedId: string
  readonly driftId: string
  /** The placed plant, `drift:index` with its part. */
  readonly place: string
  readonly plantId: string
  /** Metres, plants, minutes, litres or money, by its kind. */
  readonly amount: number | null
  readonly cause: Cause | ''
  /** What it turned out to be, or what was set in its place. */
  readonly toPlantId: string
  /** The colour that came, `#rrggbb`. */
  readonly colour: string
  readonly wish: Wish | ''
  /** Set to see how it does; asked about at the season's end. */
  readonly trial: boolean
  /** Day on which its wish was fulfilled. */
  readonly done: string
  readonly note: string
  readonly photoId: string
  /** The photo was taken from the bed's own viewpoint. */
  readonly fromView: boolean
  /** The photo is drawn by the program, not taken. */
  readonly drawn: boolean
  /** Cells of the plant that were taken over from what was learned. */
  readonly figures: Readonly<Record<string, string>>
  readonly weather: { readonly lowC: number; readonly highC: number; readonly rainMm: number } | null
  /** By the clock of the device it was written on, ISO. */
  readonly changed: string
  readonly device: string
  /** Taken out again. */
  readonly gone: boolean
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
