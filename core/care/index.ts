export { hoursAYear, minutesAYear } from './work'
export { bloomOf, CARE_KINDS, type CareContext, type CareKind, type CareRule, type LibraryWindow } from './careRule'
export {
  CARE_RULES,
  type CareAsk,
  type CaredBed,
  type CaredPlant,
  type CareTask,
  careYear,
  dayOfPoint,
  type HandOver,
} from './careYear'
export { FLATTENED_BY, keptBack, monthHours, type TenderOut, type WeatherWord, weatherWords } from './weatherCare'
