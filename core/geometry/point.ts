/** A place on the ground in metres: x along the wall from the viewer's left, y out from the wall line. */
export interface Point {
  readonly x: number
  readonly y: number
}

export const distance = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y)
export function clamp(value: number, low: number, high: number): number {
  if (value < low) return low
  return value > high ? high : value
}
export const lerp = (a: number, b: number, u: number) => a + (b - a) * u
/** Metres as they are kept: to the millimetre. */
export const toMm = (m: number): number => Math.round(m * 1000) / 1000
