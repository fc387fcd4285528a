export const ORDER_KINDS = ['mirror', 'steps', 'aligned', 'together', 'apart'] as const
export type OrderKind = (typeof ORDER_KINDS)[number]

/**
 * An order among drifts that is kept while one of them is edited; lengths in metres along the front edge.
 * `mirror`: the second is the first mirrored about `atM` (count, plant and shape too). `steps`: in the order named, equally far apart.
 * `aligned`: its only drift stands at `atM`. `together`: the others keep their distance to the one that moves. `apart`: at least so far.
 */
export interface Order {
  readonly id: string
  readonly kind: OrderKind
  readonly driftIds: readonly string[]
  /** The line of a mirror, or the place of an alignment; 0 otherwise. */
  readonly atM: number
  /** The step, or the least distance; 0 otherwise. */
  readonly stepM: number
  /** What the line is: `middle`, `across` (round beds and courts, from side to side), a window's or door's id, or `place`. */
  readonly about: string
}

/** Words pinned to a place of a bed's plan, metres. */
export interface Note {
  readonly id: string
  readonly x: number
  readonly y: number
  readonly text: string
}

/** How the lanes share the depth at a place along the front edge, metres; straight between such places. A lane may be nothing there. */
export interface LaneStation {
  readonly atM: number
  readonly shares: readonly number[]
}
