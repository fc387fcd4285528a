export { type Mark, type MarkId, MARKS } from './mark'
export { marksOf, totalOf } from './marksOf'
