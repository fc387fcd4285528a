/** How a picture's metres lie on its sheet: points per metre, and where x = 0, y = 0 lies, points from the left and the top. */
export interface Sheet {
  readonly perM: number
  readonly left: number
  readonly top: number
}

/** The sheet of a badge: its paints are in points already. */
export const badgeSheet = ({ perM, left, top }: Sheet, at: { x: number; y: number }): Sheet => ({
  perM: 1,
  left: left + at.x * perM,
  top: top - at.y * perM,
})
