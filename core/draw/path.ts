/**
 * A path as a flat list of numbers, so that both pens (canvas and SVG) read it without parsing:
 * M x y · L x y · Q cx cy x y · Z · O cx cy r (a circle).
 */
export const M = 0
export const L = 1
export const Q = 2
export const Z = 3
export const O = 4
export type Path = number[]

/** A filled or stroked path. Lengths in metres, y up. */
export interface Paint {
  readonly path: Path
  readonly fill?: string
  readonly stroke?: string
  readonly lineWidth?: number
  readonly alpha?: number
}
