export { hoursAYear, minutesAYear } from './work'
export { type CaredBed, type CaredPlant, type CareTask, careYear, type HandOver } from './careYear'
export { FLATTENED_BY, keptBack, monthHours, weatherWords } from './weatherCare'
