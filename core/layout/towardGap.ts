import { clamp } from '../geometry'

/** Gaps so wide are seen through anyway, metres. */
const SEES_BEHIND_M = 1.2

/** How far a place lies off the middle of the gap it stands before, as a push of -1 to 1; none beside gaps that are wide anyway. */
export function towardGap(behind: readonly number[], a: number): number {
  let low = 0
  let high = behind.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (behind[middle]! > a) high = middle
    else low = middle + 1
  }
  const left = behind[low - 1]
  const right = behind[low]
  if (left === undefined || right === undefined || right - left < 1e-6) return 0
  const gap = right - left
  return Math.sin((2 * Math.PI * (a - left)) / gap) * clamp((SEES_BEHIND_M - gap) / (SEES_BEHIND_M / 2), 0, 1)
}
