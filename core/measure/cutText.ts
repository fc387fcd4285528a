/** How many characters a text has, as people count them: an emoji is one, not two halves. */
export const characters = (text: string): number => [...text].length

/** A text of at most so many characters, none of them cut in half. */
export const cutText = (text: string, most: number): string => [...text].slice(0, most).join('')

const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f]/
const HALF_CHARACTER = /\p{Surrogate}/u

/** What makes a text one that cannot be kept: control characters and halves of characters; null for a sound one. */
export function faultOfText(text: string): string | null {
  if (CONTROL.test(text))
    return 'It holds a control character that cannot be kept: delete it, or type the text again.'
  return HALF_CHARACTER.test(text)
    ? 'It holds half a character (a broken emoji): delete it, or type it again.'
    : null
}

/** What the core marks its own figures and days with: in a typed text it is no more than a space, or nothing. */
export const unmarked = (text: string) => text.replaceAll('\u202f', ' ').replaceAll('\u2060', '')

/** A text without what cannot be kept, white space at its ends taken off. */
export const cleanText = (text: string): string =>
  [...unmarked(text)]
    .filter((c) => !CONTROL.test(c) && !HALF_CHARACTER.test(c))
    .join('')
    .trim()
/** A capital to begin with; pH keeps its own. */
export const capital = (text: string) =>
  text.startsWith('pH') ? text : text.charAt(0).toUpperCase() + text.slice(1)
