import type { Note } from '../model'
import { L, M, Z, type Paint } from './path'
import { circlePath } from './paths'

/** A note's pin, its number in it; y as in the bed's plan, turned up. */
export const notePaints = (notes: readonly Note[], colour: string): Paint[] =>
  notes.map(({ x, y }, i) => ({
    at: { x, y: -y },
    badge: [
      { path: [M, 0, 0, L, -4, 8, L, 4, 8, Z], fill: colour },
      { path: circlePath(0, 12, 7.5), fill: colour, stroke: '#fdf8ec', thin: 1 },
      { words: String(i + 1), x: 0, y: 12, size: 10, colour: '#fdf8ec', align: 'center', face: 'bold', dy: -0.5 },
    ],
  }))
