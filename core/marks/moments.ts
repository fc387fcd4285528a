import { placeMonths, type LibraryMonth, type Moment } from '../time'
import type { Scene } from '../scene'

/** The bed as it is judged: grown together, not yet old. */
export const GROWN_YEAR = 5

/** A library month of the grown year (or another) as a moment of the place. */
export const momentOf = ({ climate }: Scene, month: number, year = GROWN_YEAR): Moment => ({
  month: placeMonths([month as LibraryMonth], climate)[0]!,
  year,
})
export const SUMMER = 7
export const WINTER = 1
export const GROWING: readonly number[] = [4, 5, 6, 7, 8, 9, 10]
