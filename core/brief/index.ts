export {
  type Asked,
  type Brief,
  EMPTY_BRIEF,
  MANNER_WORDS,
  MANNERS,
  NOTHING_ASKED,
  PURPOSES,
  type Requirement,
  type TraitId,
  TRAITS,
  type Weight,
} from './brief'
export { letterText } from './letterText'
export { TRAIT } from './traits'
