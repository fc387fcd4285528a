/** A text as it stands in the source: words, and places where something is put in. */
export interface Message {
  /** Where it stands, characters of the source. */
  readonly start: number
  readonly end: number
  readonly parts: readonly Part[]
  /** How it is written there: between tags, as an attribute, as a literal. */
  readonly as: 'content' | 'attribute' | 'literal'
  /** Said to people where it stands, even if the program goes by the same words elsewhere. */
  readonly isSure?: boolean
}
/** Words, or what is put in: named after it, with its own place in the source. */
export type Part = string | { readonly name: string; readonly start: number; readonly end: number }

const LONGEST_NAME = 32

/** A name for what is put in, from its expression: `metres(near.apart)` is `metres.near.apart`. Long ones are counted instead. */
export function nameOf(expression: string, at: number): string {
  const name = (expression.match(/[A-Za-z]\w*/g) ?? []).join('.')
  return name === '' || name.length > LONGEST_NAME ? String(at) : name
}

/** Under what a text is found in a catalogue: the English words, with `{name}` for what is put in. */
export const keyOf = ({ parts }: Pick<Message, 'parts'>): string =>
  parts
    .map((p) => (typeof p === 'string' ? p.replace(/\s+/g, ' ') : `{${p.name}}`))
    .join('')
    .trim()

/** The words, a figure for each that is put in. */
export const wordsOf = (parts: readonly Part[]): string =>
  parts.map((p) => (typeof p === 'string' ? p : '0')).join('')

const COMMAND = /\b(SELECT|INSERT|UPDATE|DELETE|CREATE|ALTER)\s/
/** Signs of code: markup and styles, selectors and paths, calls, keys, lists of columns, names with a dot. */
const CODE = new RegExp(
  [
    /[<>{}=[\]\\|`_]|;(?!\s[a-z])|--|\d(px|em|rem|ms)\b/,
    /^[.#/@*~-]|\w\/\w+\/|:\/\//,
    /\b(translate|rotate|scale|matrix|rgba?|hsl|calc|var|url)\(|^[a-z-]+\(/,
    /\w:\w|^\w+:$|\.\w+$/,
    /^[a-z]\w*(, [a-z]\w*){4,}$/,
  ]
    .map((r) => r.source)
    .join('|'),
)

/** A figure with its unit: the garden's manner writes that. */
const UNIT = /^[\d.\s]+[A-Za-z²³]{1,3}$/

/** Whether words are meant for people: several of them, or one that begins as a sentence does. */
export function isText(words: string): boolean {
  const trimmed = words.trim()
  if (!/[A-Za-z]{2,}/.test(trimmed) || UNIT.test(trimmed) || CODE.test(trimmed) || COMMAND.test(trimmed))
    return false
  return /\s/.test(trimmed) || /^[A-Z][a-z’']+[.?!…]?$/.test(trimmed)
}

/** A translation cut at its names. Throws when it has others than the text. */
export function cutAtNames(translation: string, key: string): (string | { readonly name: string })[] {
  const names = (text: string) => [...text.matchAll(/\{([^{}]+)\}/g)].map((m) => m[1]!)
  const known = new Set(names(key))
  const odd = names(translation).find((n) => !known.has(n))
  const lost = [...known].find((n) => !names(translation).includes(n))
  if (odd !== undefined || lost !== undefined)
    throw new Error(
      `The translation of “${key}” must put in ${[...known].map((n) => `{${n}}`).join(', ') || 'nothing'}, each at least once: ` +
        (odd === undefined ? `{${lost}} is missing.` : `{${odd}} is not among them.`),
    )
  return translation.split(/(\{[^{}]+\})/g).flatMap((p): (string | { readonly name: string })[] => {
    if (p === '') return []
    return p.startsWith('{') && p.endsWith('}') ? [{ name: p.slice(1, -1) }] : [p]
  })
}
