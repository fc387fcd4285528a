import { clamp } from '../geometry'

/** 0 at `from`, 1 at `to`, straight between; either may be the greater. */
export const ramp = (x: number, from: number, to: number): number => clamp((x - from) / (to - from), 0, 1)

/** 1 between `low` and `high`, falling to 0 at `none` below and `beyond` above. */
export const band = (x: number, none: number, low: number, high: number, beyond: number): number =>
  Math.min(ramp(x, none, low), ramp(x, beyond, high))

export const mean = (list: readonly number[]): number =>
  list.length === 0 ? 0 : list.reduce((sum, x) => sum + x, 0) / list.length

export function deviation(list: readonly number[]): number {
  const m = mean(list)
  return Math.sqrt(mean(list.map((x) => (x - m) ** 2)))
}
