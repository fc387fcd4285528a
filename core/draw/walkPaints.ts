import { PLAIN_MANNER, say } from '../measure'
import { isClipped, isShape, isWords, type Paint, type Path, type Shape, type Words } from './path'
import { badgeSheet, type Sheet } from './sheet'

/** What a pen does with each kind of paint; `clip` draws what `within` draws, but only where the path is. */
interface PaintPen {
  shape: (shape: Shape, sheet: Sheet) => void
  words: (words: Words, sheet: Sheet) => void
  clip: (path: Path, sheet: Sheet, within: () => void) => void
}

/** Hands paints to a pen in their order; badges are opened at the place they stand. */
export function walkPaints(paints: Iterable<Paint>, sheet: Sheet, pen: PaintPen) {
  for (const paint of paints) {
    if (isShape(paint)) pen.shape(paint, sheet)
    else if (isWords(paint)) pen.words(said(paint, sheet), sheet)
    else if (isClipped(paint)) pen.clip(paint.clip, sheet, () => walkPaints(paint.within, sheet, pen))
    else walkPaints(paint.badge, badgeSheet(sheet, paint.at), pen)
  }
}

/** Words as the sheet says them. */
function said(paint: Words, { manner = PLAIN_MANNER }: Sheet): Words {
  const words = say(paint.words, manner)
  return words === paint.words ? paint : { ...paint, words }
}

/** Width of a shape's stroke on the sheet, points. */
export const strokeWidth = ({ thin = 0, lineWidth = 0 }: Shape, { perM }: Sheet): number =>
  Math.max(thin, lineWidth * perM)

/** Where a line of words stands on the sheet. */
export const wordsPlace = ({ x, y, dx = 0, dy = 0 }: Words, { perM, left, top }: Sheet) => ({
  x: left + x * perM + dx,
  y: top - y * perM - dy,
})
