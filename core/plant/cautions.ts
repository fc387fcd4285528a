import type { Plant } from './plant'
import { genusOf } from './plantWords'
import { EATERS, TOXIC_GRADES, type Eater, type ToxicGrade } from './plantTraits'

const GRADE_WORDS: Readonly<Record<ToxicGrade, string>> = {
  none: '',
  mild: 'mildly poisonous',
  harmful: 'poisonous',
  deadly: 'deadly poisonous',
}
const EATER_WORDS: Readonly<Record<Eater, string>> = {
  people: 'people',
  cats: 'cats',
  dogs: 'dogs',
  livestock: 'livestock',
}
const SKIN_WORDS = {
  none: '',
  sap: 'sap irritates the skin',
  phototoxic: 'sap burns the skin in sunlight',
} as const
const SPINE_WORDS = { none: '', prickles: 'prickles', thorns: 'thorns', spines: 'sharp spines' } as const

const listed = (list: readonly string[]) =>
  list.length > 1 ? `${list.slice(0, -1).join(', ')} and ${list[list.length - 1]}` : (list[0] ?? '')

/** Whom a plant poisons, worst first: `deadly poisonous to cats (all)`; empty when it poisons nobody. */
function toxicWords({ toxicity }: Pick<Plant, 'toxicity'>): string {
  const grades = [...TOXIC_GRADES].reverse().filter((g) => g !== 'none')
  const words = grades.flatMap((grade) => {
    const whom = EATERS.filter((e) => toxicity[e] === grade).map((e) => EATER_WORDS[e])
    return whom.length > 0 ? [`${GRADE_WORDS[grade]} to ${listed(whom)}`] : []
  })
  return words.length > 0 ? `${words.join(', ')} (${toxicity.part})` : ''
}

/** Safety that was borrowed from another genus says nothing of this plant. */
export const isSafetyKnown = ({ botanicalName, borrowed }: Pick<Plant, 'botanicalName' | 'borrowed'>): boolean =>
  !borrowed ||
  !borrowed.columns.includes('toxic_people') ||
  genusOf({ botanicalName: borrowed.from }) === genusOf({ botanicalName })

const UNKNOWN = 'nobody has said whether it is poisonous: ask before it stands where children or animals come'

/** What to be careful of: whom it poisons and by which part, sap, spines, where it is invasive, what the law says; empty for nothing. */
export const cautionWords = (
  plant: Pick<Plant, 'toxicity' | 'skin' | 'spines' | 'invasiveNote' | 'legalNote' | 'botanicalName' | 'borrowed'>,
): string =>
  [
    isSafetyKnown(plant) ? toxicWords(plant) : UNKNOWN,
    SKIN_WORDS[plant.skin],
    SPINE_WORDS[plant.spines],
    plant.invasiveNote,
    plant.legalNote,
  ]
    .filter(Boolean)
    .join('; ')
