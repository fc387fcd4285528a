export {
  type Asked,
  type Brief,
  EMPTY_BRIEF,
  MANNERS,
  PURPOSES,
  type Requirement,
  type TraitId,
  TRAITS,
  type Weight,
  WEIGHTS,
} from './brief'
export { TRAIT } from './traits'
