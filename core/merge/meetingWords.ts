import type { Meeting } from './mergeParts'

/** A part that two people changed, in words. */
export interface MeetingWords {
  readonly title: string
  readonly mine: string
  readonly theirs: string
}

const MOST_LETTERS = 60
const spaced = (key: string) =>
  key.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`)

/** A value in a few words: a thing by its name, a plain value as it is. */
function valueWords(value: unknown): string {
  if (value === undefined) return 'taken away'
  if (value === null || value === '') return 'left open'
  if (typeof value !== 'object') return String(value).slice(0, MOST_LETTERS)
  const { name, title, text } = value as Readonly<Record<string, unknown>>
  const called = [name, title, text].find((w) => typeof w === 'string' && w !== '')
  return called === undefined ? 'as it is there' : String(called).slice(0, MOST_LETTERS)
}

/** A meeting in words, by the part's address and what stands there. */
export function meetingWords({ path, base, mine, theirs }: Meeting): MeetingWords {
  const thing = [mine, theirs, base]
    .map(valueWords)
    .find((w) => !['taken away', 'left open', 'as it is there'].includes(w))
  const parts = path.map(spaced).filter((p) => !/\d/.test(p))
  const isThing = path.length > parts.length
  const [here, there] = [valueWords(mine), valueWords(theirs)]
  const alike = here === there
  return {
    title: isThing && thing ? `${parts.join(', ')}: ${thing}` : parts.join(', ') || 'the whole',
    mine: alike ? 'changed here' : here,
    theirs: alike ? 'changed there' : there,
  }
}
