export { type ColourShare, monthColours } from './monthColours'
export { monthInterest, type MonthInterest } from './monthInterest'
export { gapsOf, LEAST_OF_MONTH, tapestry, type Tapestry, type TapestryCell, type TapestryRow } from './tapestry'
export { type BedYear, tenYears } from './tenYears'
