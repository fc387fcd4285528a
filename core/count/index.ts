export { keyLetters } from './keyLetters'
export { schedule, type Schedule, type ScheduleLine } from './schedule'
export { scheduleCsv } from './scheduleCsv'
