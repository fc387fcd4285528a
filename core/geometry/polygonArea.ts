import type { Point } from './point'

/** Area of a closed line, m². */
export function polygonArea(line: readonly Point[]): number {
  let twice = 0
  line.forEach((a, i) => {
    const b = line[(i + 1) % line.length]!
    twice += a.x * b.y - b.x * a.y
  })
  return Math.abs(twice) / 2
}
