import { once } from '../once'
import MiniSearch from 'minisearch'
import type { Plant } from './plant'

/** A letter in five may be wrong. */
const FUZZY = 0.2

const fold = (term: string) =>
  term
    .normalize('NFD')
    .replace(/[\u0300-\u036f'’]/g, '')
    .toLowerCase()

const indexOf = once((plants: readonly Plant[]): MiniSearch<Plant> => {
  const index = new MiniSearch<Plant>({
    fields: ['botanicalName', 'commonName', 'synonyms', 'soldAs'],
    extractField: (plant, field) => {
      const value = plant[field as keyof Plant]
      return Array.isArray(value) ? value.join(' ') : String(value)
    },
    searchOptions: { boost: { botanicalName: 2, commonName: 2 } },
    idField: 'id',
    processTerm: fold,
    tokenize: (text) => text.split(/[\s\-.]+|'(?=\s|$)|(?<=^|\s)'/).filter(Boolean),
  })
  index.addAll([...plants])
  return index
})

/** Ids of the plants whose names answer a search, best first: every word must begin a word of a name, typing errors forgiven. */
export function findPlants(plants: readonly Plant[], text: string): readonly string[] {
  const words = text.trim()
  if (words === '') return plants.map((p) => p.id)
  return indexOf(plants)
    .search(words, { prefix: true, fuzzy: (term) => (term.length > 3 ? FUZZY : false), combineWith: 'AND' })
    .map((r) => String(r.id))
}
