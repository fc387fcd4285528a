/** Metres as they are kept: to the millimetre. */
export const toMm = (m: number): number => Math.round(m * 1000) / 1000
