export { hoursAYear, minutesAYear } from './work'
