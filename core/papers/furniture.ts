import { dayTold } from '../measure'
import { PRINT_PALETTE, rectPath, L, M, Z, type Paint, type Words } from '../draw'
import { POINTS_PER_MM, type SheetHead } from './paper'

const INK = PRINT_PALETTE.ink
const MARGIN = 8 * POINTS_PER_MM
/** Height of the strip at the foot of a drawing, points. */
export const STRIP_PT = 20 * POINTS_PER_MM
export { MARGIN as MARGIN_PT }

const words = (text: string, x: number, y: number, size: number, change: Partial<Words> = {}): Words => ({
  ...{ words: text, x, y, size, colour: INK },
  ...change,
})
const CHECK_MM = 100
const CHECK_IN = 4

/** The two bars that tell whether the sheet was printed true: 100 mm and 4 inches. */
function checkBars(x: number, y: number): Paint[] {
  const bar = (at: number, long: number, text: string): Paint[] => [
    {
      path: [M, x, at - 3, L, x, at + 3, M, x, at, L, x + long, at, M, x + long, at - 3, L, x + long, at + 3],
      stroke: INK,
      thin: 0.9,
    },
    words(text, x + long + 5, at, 7),
  ]
  return [
    ...bar(y + 11, CHECK_MM * POINTS_PER_MM, `${CHECK_MM} mm`),
    ...bar(y, CHECK_IN * 72, `${CHECK_IN} in: measure both, print at 100 %`),
  ]
}

interface TitleBlock extends SheetHead {
  readonly name: string
  readonly said: string
  /** `2 of 4`; empty when there is one sheet. */
  readonly number: string
}

/** The frame of a drawing and the strip at its foot: check bars, what it is, and the title block. Points from the lower left corner. */
export function furniture(widthPt: number, heightPt: number, block: TitleBlock): Paint[] {
  const right = widthPt - MARGIN
  const split = right - 96 * POINTS_PER_MM
  const foot = MARGIN + STRIP_PT
  const line = (y: number) => MARGIN + STRIP_PT - y
  return [
    { path: rectPath(MARGIN, MARGIN, right - MARGIN, heightPt - 2 * MARGIN), stroke: INK, thin: 0.8 },
    { path: [M, MARGIN, foot, L, right, foot, M, split, MARGIN, L, split, foot], stroke: INK, thin: 0.8 },
    ...checkBars(MARGIN + 8, MARGIN + 9),
    words(block.said, MARGIN + 8, line(10), 8.5, { colour: PRINT_PALETTE.soft }),
    words(block.name, split + 7, line(13), 14, { face: 'title-bold' }),
    words(block.garden, split + 7, line(28), 9, { face: 'title' }),
    words(
      [
        block.date === '' ? '' : dayTold(block.date),
        `revision ${block.revision || 'none'}`,
        ...(block.author ? [`drawn by ${block.author}`] : []),
        block.number,
      ]
        .filter((t) => t !== '')
        .join('   '),
      split + 7,
      line(43),
      7.5,
    ),
  ]
}

/** An arrow to the north; `upDeg` is the azimuth that the top of the sheet looks to. */
export function northArrow(x: number, y: number, upDeg: number): Paint[] {
  const a = (-upDeg * Math.PI) / 180
  const at = (dx: number, dy: number): [number, number] => [
    x + dx * Math.cos(a) + dy * Math.sin(a),
    y - dx * Math.sin(a) + dy * Math.cos(a),
  ]
  const [tip, left, notch, right, name] = [at(0, 13), at(-5, -8), at(0, -4), at(5, -8), at(0, 21)]
  return [
    { path: [M, ...tip, L, ...left, L, ...notch, L, ...right, Z], fill: INK },
    words('N', name[0], name[1], 9, { align: 'center', face: 'bold' }),
  ]
}
