import type { Point } from '../geometry'

/** One side of an outline as walked: its length, and the turn at its end, degrees to the right (left: negative). */
export interface WalkedSide {
  readonly lengthM: number
  readonly turnDeg: number
}

/**
 * The corners of an outline that was walked round by lengths and turns, from a place and a heading (azimuth on the
 * sheet); one more than sides, the last should be the first again.
 */
export function walkOutline(from: Point, headingDeg: number, sides: readonly WalkedSide[]): Point[] {
  const walk = [from]
  let heading = headingDeg
  let at = from
  for (const { lengthM, turnDeg } of sides) {
    const a = (heading * Math.PI) / 180
    at = { x: at.x + Math.sin(a) * lengthM, y: at.y + Math.cos(a) * lengthM }
    walk.push(at)
    heading += turnDeg
  }
  return walk
}
