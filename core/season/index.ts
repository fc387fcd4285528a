export { type ColourShare, monthColours } from './monthColours'
export { monthInterest, type MonthInterest } from './monthInterest'
