export {
  AMOUNT_OF,
  blankEntry,
  type Cause,
  CAUSES,
  fullEntry,
  joinEntries,
  LOG_KINDS,
  type LogEntry,
  type LogKind,
  slimEntry,
  type SlimEntry,
  standing,
  type Wish,
  WISHES,
} from './entry'
export { cellsBefore, type Learned, learnedFigures, type LearnedWhat, reckonedHeight } from './learned'
export { type Loss, lossesOf } from './losses'
export { replaceLost } from './replaceLost'
export { type NextItem, nextSeason } from './nextSeason'
export { besideFact, type DriftFact } from './besideFact'
export { dayWithWeather, seasonLetter, type SeasonLetter } from './seasonLetter'
export { logCsv } from './logCsv'
export { CAUSE_WORDS, KIND_WORDS, WISH_WORDS } from './words'
