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
export { cellsBefore, type Learned, learnedFigures, reckonedHeight } from './learned'
export { type Loss, lossesOf } from './losses'
export { replaceLost } from './replaceLost'
export { type NextItem, nextSeason } from './nextSeason'
export { besideFact } from './besideFact'
export { dayWithWeather, seasonLetter } from './seasonLetter'
export { logCsv } from './logCsv'
export { CAUSE_WORDS, KIND_WORDS, WISH_WORDS } from './words'
