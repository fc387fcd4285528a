import type { Point } from '~~/core/geometry'

/** Something the hand can do in the plan. Places are metres of the picture, as the bed is turned. */
export interface PlanHand {
  /** Takes hold of what lies under a place; false when there is nothing for this hand. */
  begin(at: Point): boolean
  move(at: Point): void
  end(at: Point): void
  letGo(): void
  /** What is held, as a ring goes with the hand; null while it draws, which nobody may run ahead of. */
  grip?(): Grip | null
}

/** Metres from the hand to the middle of what it holds, and how far that reaches; 0 for a point. */
export interface Grip {
  readonly dx: number
  readonly dy: number
  readonly radiusM: number
}
export const POINT_GRIP: Grip = { dx: 0, dy: 0, radiusM: 0 }
