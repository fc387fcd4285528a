export * from './brief'
export { TRAIT } from './traits'
