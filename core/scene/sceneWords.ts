import type { Plant } from '../plant'

/** The name used in sentences: the common one. */
export const nameOf = (plant: Plant) => plant.commonName
export const metres = (n: number) => `${n.toFixed(2)}\u202fm`
/** `at 4.2 m` or `from 4.2 to 6.0 m` along the bed. */
export const along = (from: number, to: number) =>
  to - from < 0.3
    ? `at ${((from + to) / 2).toFixed(1)}\u202fm`
    : `from ${from.toFixed(1)}\u202fm to ${to.toFixed(1)}\u202fm`
/** A stable short key for a pair of ids, whichever comes first. */
export const pairKey = (a: string, b: string) => (a < b ? `${a}+${b}` : `${b}+${a}`)
