import type { Manner } from '../measure'
import type { Point } from '../geometry'

/** How a picture's metres lie on its sheet: points per metre, and where x = 0, y = 0 lies, points from the left and the top. */
export interface Sheet {
  readonly perM: number
  readonly left: number
  readonly top: number
  /** How words say figures and days; metric when left out. */
  readonly manner?: Manner
}

/** A place of the picture on its sheet. */
export const onSheet = ({ x, y }: Point, { perM, left, top }: Sheet): Point => ({
  x: left + x * perM,
  y: top - y * perM,
})

/** The sheet of a badge: its paints are in points already. */
export function badgeSheet(sheet: Sheet, at: Point): Sheet {
  const { x, y } = onSheet(at, sheet)
  return { ...sheet, perM: 1, left: x, top: y }
}
