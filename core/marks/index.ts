export { type Mark, type MarkFigure, type MarkId, MARKS } from './mark'
export { marksOf, totalOf } from './marksOf'
