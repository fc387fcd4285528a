export { bedCosts, type BedCosts } from './bedCosts'
export { keyLetters } from './keyLetters'
export { schedule, type Schedule, type ScheduleLine } from './schedule'
export { scheduleCsv } from './scheduleCsv'
