import MiniSearch from 'minisearch'
import { once } from '../once'
import type { Plant } from './plant'

/** A letter in five may be wrong, in words of this many letters and more: short ones would answer to any other. */
const FUZZY = 0.2
const FUZZY_FROM = 5

/** American spellings of words in names, as the library writes them. */
const SPELT: Readonly<Record<string, string>> = {
  gray: 'grey',
  color: 'colour',
  colored: 'coloured',
  parlor: 'parlour',
  st: 'saint',
}
/** One form of a word: no accents, no apostrophes, singular, one spelling. */
function fold(term: string): string {
  const plain = term
    .normalize('NFD')
    .replace(/[\u0300-\u036f'’‘]/g, '')
    .toLowerCase()
  const word = SPELT[plain] ?? plain
  if (word.length < 4 || /(ss|us|is|as|os)$/.test(word)) return word
  return word
    .replace(/ies$/, 'y')
    .replace(/(ch|sh|x)es$/, '$1')
    .replace(/s$/, '')
}
const wordsOf = (text: string) => text.split(/[\s\-.,()/]+|'(?=\s|$)|(?<=^|\s)'/).filter(Boolean)
const folded = (text: string) => wordsOf(text).map(fold).join(' ')
/** `switch grass` and `switchgrass`, `day lily` and `daylily` are one. */
const joined = (text: string) => folded(text).replaceAll(' ', '')

const namesOf = (p: Plant): readonly string[] => [p.botanicalName, p.commonName, ...p.synonyms, ...p.soldAs]

interface Index {
  readonly words: MiniSearch<Plant>
  /** Names as one word each → the plants that bear them, in the library's order. */
  readonly whole: ReadonlyMap<string, readonly string[]>
  /** Of each plant its names, folded. */
  readonly names: ReadonlyMap<string, readonly string[]>
}
const indexOf = once((plants: readonly Plant[]): Index => {
  const words = new MiniSearch<Plant>({
    fields: ['botanicalName', 'commonName', 'others', 'joined'],
    extractField: (plant, field) => {
      if (field === 'others') return [...plant.synonyms, ...plant.soldAs].join(' ')
      if (field === 'joined') return namesOf(plant).map(joined).join(' ')
      return plant[field as 'id' | 'botanicalName' | 'commonName']
    },
    searchOptions: { boost: { botanicalName: 2, commonName: 2 } },
    idField: 'id',
    processTerm: fold,
    tokenize: wordsOf,
  })
  words.addAll([...plants])
  const whole = new Map<string, string[]>()
  const names = new Map<string, readonly string[]>()
  for (const p of plants) {
    for (const name of new Set(namesOf(p).map(joined))) whole.set(name, [...(whole.get(name) ?? []), p.id])
    names.set(p.id, [folded(p.botanicalName), ...namesOf(p).slice(1).map(folded)])
  }
  return { words, whole, names }
})

/**
 * Ids of the plants whose names answer a search, best first: those that bear the very name (however its words are joined), those
 * that are of it (a name ends in it, as American
 * holly is a holly and holly fern is none; a botanical name begins with it), then those with a name that each word begins a word of;
 * only when there are none, typing errors are forgiven.
 */
export function findPlants(plants: readonly Plant[], text: string): readonly string[] {
  if (text.trim() === '') return plants.map((p) => p.id)
  const { words, whole, names } = indexOf(plants)
  const said = folded(text)
  const ask = (query: string, fuzzy: boolean) =>
    words
      .search(query, {
        prefix: true,
        fuzzy: fuzzy && ((term) => (term.length >= FUZZY_FROM ? FUZZY : false)),
        combineWith: 'AND',
      })
      .map((r) => String(r.id))
  const exact = whole.get(joined(text)) ?? []
  const near = [...ask(said, false), ...(said.includes(' ') ? ask(joined(text), false) : [])]
  const isOfIt = (id: string) => {
    const [botanical = '', ...others] = names.get(id) ?? []
    return `${botanical} `.startsWith(`${said} `) || others.some((n) => ` ${n}`.endsWith(` ${said}`))
  }
  const found = [...new Set([...exact, ...near.filter(isOfIt), ...near])]
  return found.length > 0 ? found : [...new Set([...ask(said, true), ...ask(joined(text), true)])]
}
