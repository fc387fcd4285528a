import type { Point } from '../geometry'

/**
 * A path as a flat list of numbers, so that every pen (canvas, SVG, PDF, DXF) reads it without parsing:
 * M x y · L x y · Q cx cy x y · Z · O cx cy r (a circle).
 */
export const M = 0
export const L = 1
export const Q = 2
export const Z = 3
export const O = 4
export type Path = number[]

/** A fill that runs from one colour to another. */
export interface Shade {
  readonly from: Point
  readonly to: Point
  readonly stops: readonly (readonly [number, string])[]
}

/** A filled or stroked path. Lengths in metres, y up; `thin` and `dash` in points of the sheet, at any scale. */
export interface Shape {
  readonly path: Path
  readonly fill?: string | Shade
  readonly stroke?: string
  readonly lineWidth?: number
  /** Least width of the stroke on the sheet. */
  readonly thin?: number
  readonly dash?: readonly number[]
  readonly alpha?: number
  /** The layer of a drawing file it belongs to; what has none is ornament and stays out of drawing files. */
  readonly layer?: string
}

/** A line of words about a place (metres, y up); its size, and how far it is moved from there, in points of the sheet. */
export interface Words {
  readonly words: string
  readonly x: number
  readonly y: number
  readonly size: number
  readonly colour: string
  readonly align?: 'left' | 'center' | 'right'
  readonly face?: 'plain' | 'bold' | 'title' | 'title-bold'
  /** Colour of a rim about the letters, so that they read over anything. */
  readonly rim?: string
  readonly dx?: number
  readonly dy?: number
  readonly layer?: string
}

/** Paints of which only what lies in a path shows. */
export interface Clipped {
  readonly clip: Path
  readonly within: Iterable<Paint>
}

/** A mark of one size at any scale: its own paints are in points about the place (metres) it is set at, y up. */
export interface Badge {
  readonly at: Point
  readonly badge: readonly (Shape | Words)[]
}

export type Paint = Shape | Words | Clipped | Badge

export const isShape = (paint: Paint): paint is Shape => 'path' in paint
export const isWords = (paint: Paint): paint is Words => 'words' in paint
export const isClipped = (paint: Paint): paint is Clipped => 'clip' in paint
