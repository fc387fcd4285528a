export { type Asked, EMPTY_BRIEF, MANNER_WORDS, NOTHING_ASKED } from './brief'
export { letterText } from './letterText'
export { TRAIT } from './traits'
