import type { Point } from '~~/core/geometry'

/** Something the hand can do in the plan. Places are metres of the picture, as the bed is turned. */
export interface PlanHand {
  /** Takes hold of what lies under a place; false when there is nothing for this hand. */
  begin(at: Point): boolean
  move(at: Point): void
  end(at: Point): void
  letGo(): void
}
