/** The number of a list's item as people count: from 1. */
export const nth = (index: number): number => index + 1

/** A share (0 to 1) as whole hundredths. */
export const percent = (share: number): number => Math.round(share * 100)
