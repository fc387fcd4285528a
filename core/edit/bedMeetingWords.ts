import type { Bed, Drift, Pin } from '../model'
import { meetingWords, type Meeting, type MeetingWords } from '../merge'
import { compareBeds } from './compareBeds'
import type { Group } from './mergeBeds'

/** What two people changed of a bed, in words: a drift by its plant and what became of it on either side. */
export function bedMeetingWords(meeting: Meeting, bed: Bed, nameOf: (plantId: string) => string): MeetingWords {
  const [part, id, what] = meeting.path
  if (part !== 'drifts' || id === undefined) return meetingWords(meeting)
  const drift = bed.drifts.find((d) => d.id === id)
  if (what === 'pins') {
    return {
      title: `${nameOfDrift(drift, nameOf)}, a plant set by hand`,
      mine: placeWords(meeting.mine),
      theirs: placeWords(meeting.theirs),
    }
  }
  const only = (group: unknown): Bed => {
    const { figures, pins = [] } = (what === 'figures' ? { figures: group } : (group ?? {})) as Partial<Group>
    return { ...bed, drifts: figures ? [figures] : [], pins }
  }
  const sides = [meeting.mine, meeting.theirs]
  const words = sides.map((side) => compareBeds(only(meeting.base), only(side), nameOf).join('; ') || 'as it was')
  const known = sides.flatMap((side) => only(side).drifts)[0] ?? drift
  return { title: nameOfDrift(known, nameOf), mine: words[0]!, theirs: words[1]! }
}

const nameOfDrift = (drift: Drift | undefined, nameOf: (plantId: string) => string) =>
  drift ? nameOf(drift.plantId) : 'A drift'

function placeWords(pin: unknown): string {
  if (!pin) return 'let go'
  const { x, y } = pin as Pin
  return `set ${x.toFixed(2)}\u202fm along and ${y.toFixed(2)}\u202fm out`
}
