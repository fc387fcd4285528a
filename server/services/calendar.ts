import { createEvents, type DateArray, type EventAttributes } from 'ics'
import { PLAIN_MANNER, say, type Manner } from '../../core/measure'
import { addDays, type Day } from '../../core/time'

/** One thing on one or more whole days. */
interface CalendarEntry {
  /** The same for the same thing, so that a calendar replaces it. */
  readonly uid: string
  readonly from: Day
  readonly to: Day
  readonly title: string
  readonly notes: string
}

const parts = (day: Day) => day.split('-').map(Number) as unknown as DateArray

/** Entries as an iCalendar file of whole days. Throws when an entry has no day. */
export function writeCalendar(
  name: string,
  entries: readonly CalendarEntry[],
  manner: Manner = PLAIN_MANNER,
): string {
  const events = entries.map((e): EventAttributes => ({
    uid: `${e.uid}@amber-terrace`,
    productId: 'amber-terrace',
    calName: name,
    start: parts(e.from),
    end: parts(addDays(e.to, 1)),
    title: say(e.title, manner),
    description: say(e.notes, manner),
  }))
  if (events.length === 0) return EMPTY
  const { error, value } = createEvents(events)
  if (error || !value) throw error ?? new Error('The calendar could not be written.')
  return value
}

const EMPTY = 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:amber-terrace\r\nEND:VCALENDAR\r\n'
