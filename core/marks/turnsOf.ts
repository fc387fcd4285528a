import { ramp } from './curves'

/** A swing about the mean of less than the first share of it is level, of more than the other a whole one. */
const LEVEL_SWING = 0.02
const WHOLE_SWING = 0.2

/**
 * How often a line crosses its mean height, metres, each crossing weighed by the lesser of the swings beside it: a ripple that comes or
 * goes counts little.
 */
export function turnsOf(line: readonly number[], height: number): number {
  if (height <= 0) return 0
  const swings: { readonly up: boolean; reach: number }[] = []
  for (const h of line) {
    const up = h > height
    const last = swings[swings.length - 1]
    const reach = Math.abs(h - height) / height
    if (last?.up === up) last.reach = Math.max(last.reach, reach)
    else swings.push({ up, reach })
  }
  const whole = (s: { reach: number }) => ramp(s.reach, LEVEL_SWING, WHOLE_SWING)
  return swings.slice(1).reduce((n, s, i) => n + Math.min(whole(s), whole(swings[i]!)), 0)
}
