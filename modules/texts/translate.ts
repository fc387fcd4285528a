import { cutAtNames, keyOf, type Message } from './message'
import { scriptTexts } from './scriptTexts'
import { vueTexts } from './vueTexts'

/** Translations by the English text. */
export type Catalogue = Readonly<Record<string, string>>

/** The texts for people in a file, without the words that the program goes by. */
export const textsOf = (source: string, isComponent: boolean, codes: ReadonlySet<string> = NONE): Message[] =>
  (isComponent ? vueTexts(source) : scriptTexts(source)).filter(
    (m) => m.as !== 'literal' || m.isSure || !codes.has(keyOf(m)),
  )
const NONE: ReadonlySet<string> = new Set()

const inMarkup = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;')
const inQuotes = (text: string) => inMarkup(text).replace(/"/g, '&quot;')
/** In a template of the script; a straight quote may stand within an attribute. */
const inTemplate = (text: string) =>
  text.replace(/[\\`]/g, '\\$&').replace(/\$\{/g, '\\${').replace(/"/g, '\\u0022')

/** The white space round a text, which is not part of what is translated. */
function edges(text: string): [string, string] {
  return [/^\s*/.exec(text)![0], /\s*$/.exec(text)![0]]
}

/** A source with its texts as the catalogue has them; those it lacks stay English. Throws where a translation does not fit its text. */
export function translate(
  source: string,
  isComponent: boolean,
  catalogue: Catalogue,
  texts: readonly Message[] = textsOf(source, isComponent),
): string {
  const all = texts.toSorted((a, b) => a.start - b.start || b.end - a.end)

  /** The source from one place to another, with what stands there translated. */
  function written(start: number, end: number, skip?: Message): string {
    let out = ''
    let at = start
    for (const message of all) {
      if (message === skip || message.start < at || message.end > end) continue
      if (skip && message.start === skip.start && message.end === skip.end) continue
      const said = saidOf(message)
      if (said === null) continue
      out += source.slice(at, message.start) + said
      at = message.end
    }
    return out + source.slice(at, end)
  }

  function saidOf(message: Message): string | null {
    const key = keyOf(message)
    const translation = catalogue[key]
    if (translation === undefined) return null
    const places = new Map(message.parts.flatMap((p) => (typeof p === 'string' ? [] : [[p.name, p] as const])))
    const parts = cutAtNames(translation, key).map((p) => {
      if (typeof p === 'string') return p
      const { start, end } = places.get(p.name)!
      return { code: written(start, end, message) }
    })
    return WRITE[message.as](parts, message, source)
  }
  return written(0, source.length)
}

type Said = readonly (string | { readonly code: string })[]
const WRITE: Readonly<Record<Message['as'], (parts: Said, message: Message, source: string) => string>> = {
  content: (parts, { start, end }, source) => {
    const [before, after] = edges(source.slice(start, end))
    return before + parts.map((p) => (typeof p === 'string' ? inMarkup(p) : `{{ ${p.code} }}`)).join('') + after
  },
  attribute: (parts) => `"${inQuotes(parts.map((p) => (typeof p === 'string' ? p : '')).join(''))}"`,
  literal: (parts, { parts: own }) => {
    const [before] = edges(typeof own[0] === 'string' ? own[0] : '')
    const last = own.at(-1)
    const [, after] = edges(typeof last === 'string' ? last : '')
    const inner = parts.map((p) => (typeof p === 'string' ? inTemplate(p) : '${' + p.code + '}')).join('')
    return `\`${before}${inner}${after}\``
  },
}
