import type { Brief, Weight } from '../model'
import { SCHOOLS } from '../bed'
import { monthName } from '../time'
import { MANNER_WORDS } from './brief'
import { TRAIT } from './traits'

const PURPOSE_WORDS: Readonly<Record<Brief['purpose'], string>> = {
  welcome: 'welcome people',
  display: 'be looked at',
  rest: 'be rested in',
  screen: 'shut out what is behind',
  learning: 'be learned from',
  work: 'yield and be cut from',
}

/** Items as a sentence says them: `a, b and c`. */
const joined = (items: readonly string[]) =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items[items.length - 1]!}`

/** The letter of a brief as it is read by those it is for: a sentence or two a paragraph, and nothing that was left open. */
export function letterText(brief: Brief): string[] {
  const traits = (weight: Weight) =>
    joined(brief.requirements.filter((r) => r.weight === weight).map((r) => TRAIT[r.trait].label))
  const said = (start: string, list: string) => (list === '' ? '' : `${start} ${list}.`)
  return [
    `The garden is there to ${PURPOSE_WORDS[brief.purpose]}. It is kept ${MANNER_WORDS[brief.manner]}. ` +
      `It is planted after the school “${SCHOOLS[brief.school].name.toLowerCase()}”.`,
    said('It is at its best in', joined(brief.months.map(monthName))),
    [
      said('It must have', traits('must')),
      said('It would like', traits('wish')),
      said('It never has', traits('never')),
    ]
      .filter((s) => s !== '')
      .join(' '),
    said('You like', joined(brief.likes)),
    said('You do without', joined(brief.hates)),
    brief.hoursAYear > 0 ? `There are ${brief.hoursAYear} hours a year for its care.` : '',
    said('What stays:', brief.stays.trim().replace(/\.+$/, '')),
  ].filter((paragraph) => paragraph !== '')
}
