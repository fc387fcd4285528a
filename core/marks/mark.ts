import type { SchoolFigures } from '../model'

export const MARKS = [
  'bones',
  'scale',
  'layers',
  'skyline',
  'contrast',
  'thread',
  'mass',
  'colour',
  'seasons',
  'balance',
  'rest',
  'health',
  'time',
  'care',
] as const
export type MarkId = (typeof MARKS)[number]

/** A measured figure of a mark, as it is read: `winter picture 34 %`. */
export interface MarkFigure {
  readonly name: string
  readonly value: string
  /** What the curve wants of it. */
  readonly wanted: string
}

/** One question the eye asks of a whole bed, answered 0 to 100. Source: docs/grounds/composing, What the eye asks of a bed. */
export interface Mark {
  readonly id: MarkId
  readonly name: string
  readonly question: string
  readonly value: number
  readonly figures: readonly MarkFigure[]
  /** The worst stretch, metres along the bed; null when the whole bed is meant. */
  readonly worst: { readonly from: number; readonly to: number } | null
}

export type Judged = Pick<Mark, 'figures' | 'worst'> & { readonly share: number }

export const percent = (share: number) => `${Math.round(share * 100)} %`
export const metresText = (m: number) => `${m.toFixed(1)}\u202fm`
/** Schools that want straight lines and pairs, and those in which heights need not rise. */
export const isStrict = (school: { readonly lines: string }) => school.lines === 'straight'
export const isOneOfEach = ({ singlesShare }: SchoolFigures) => singlesShare > 0.9
