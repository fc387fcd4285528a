import { L, M, type Paint } from './path'
import { circlePath } from './paths'

/** A place of the front edge that a client marked, y as in the bed's plan as turned; its number in the list of what they said. */
interface ClientMark {
  readonly x: number
  readonly y: number
  readonly number: number
  readonly settled: boolean
}
const OUT_PX = 14
const SETTLED_ALPHA = 0.45

/** Marks of a client: a flag with its number out of the bed's front edge; what is settled is pale. */
export const clientPaints = (marks: readonly ClientMark[], colour: string, ink: string): Paint[] =>
  marks.map(({ x, y, number, settled }) => {
    const alpha = settled ? SETTLED_ALPHA : 1
    return {
      at: { x, y: -y },
      badge: [
        { path: [M, 0, 0, L, 0, -OUT_PX], stroke: colour, thin: 1.4, alpha },
        { path: circlePath(0, -OUT_PX, 7.5), fill: colour, alpha },
        { words: String(number), x: 0, y: -OUT_PX, size: 10, colour: ink, align: 'center', face: 'bold', dy: -0.5 },
      ],
    }
  })
